package gerula.core;

import java.util.stream.LongStream;

/**
 * Seeds of random cases, each told in its test's name. Where every changed rule is tried against
 * all tests, few of them have to do: {@code -Dseeds.dividedBy}.
 */
public final class Seeds {

  private static final int DIVIDED_BY = Integer.getInteger("seeds.dividedBy", 1);

  private Seeds() {}

  /** From 1 on, so many or a part of them, at least two. */
  public static LongStream upTo(int most) {
    return LongStream.rangeClosed(1, Math.max(2, most / DIVIDED_BY));
  }
}
