package gerula.core.shade;

import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Light of three primaries, linear: IEC 61966-2-1 with its own matrix, whose row sums are the white
 * point, so that #ffffff is (100, 0, 0) exactly.
 *
 * @param red 0 to 1 for what a screen can show; a colour outside it lies below or above
 */
record Srgb(double red, double green, double blue) {

  private static final double[][] TO_XYZ = {
    {0.4124, 0.3576, 0.1805}, {0.2126, 0.7152, 0.0722}, {0.0193, 0.1192, 0.9505}
  };
  private static final double[][] FROM_XYZ = inverse(TO_XYZ);
  private static final double WHITE_X = sum(TO_XYZ[0]);
  private static final double WHITE_Y = sum(TO_XYZ[1]);
  private static final double WHITE_Z = sum(TO_XYZ[2]);

  /** CIE 15: where the cube root gives way to a straight line. */
  private static final double EPSILON = 216.0 / 24389;

  private static final double KAPPA = 24389.0 / 27;

  private static final Pattern HEX = Pattern.compile("#[0-9a-fA-F]{6}");

  static Srgb ofHex(String hex) {
    if (!HEX.matcher(hex).matches()) {
      throw new IllegalArgumentException(
          "A colour is written like #c49a78, but this is \"" + hex + "\"");
    }
    int all = Integer.parseInt(hex.substring(1), 16);
    return new Srgb(linear(all >> 16), linear(all >> 8 & 0xff), linear(all & 0xff));
  }

  static Srgb of(Lab lab) {
    double fy = (lab.l() + 16) / 116;
    double x = WHITE_X * unroot(fy + lab.a() / 500);
    double y = WHITE_Y * (lab.l() > KAPPA * EPSILON ? fy * fy * fy : lab.l() / KAPPA);
    double z = WHITE_Z * unroot(fy - lab.b() / 200);
    return new Srgb(
        row(FROM_XYZ[0], x, y, z), row(FROM_XYZ[1], x, y, z), row(FROM_XYZ[2], x, y, z));
  }

  Lab toLab() {
    double fx = root(row(TO_XYZ[0], red, green, blue) / WHITE_X);
    double fy = root(row(TO_XYZ[1], red, green, blue) / WHITE_Y);
    double fz = root(row(TO_XYZ[2], red, green, blue) / WHITE_Z);
    return new Lab(Math.clamp(116 * fy - 16, 0, 100), 500 * (fx - fy), 200 * (fy - fz));
  }

  String hex() {
    return String.format(Locale.ROOT, "#%02x%02x%02x", byteOf(red), byteOf(green), byteOf(blue));
  }

  private static double linear(int told) {
    double share = told / 255.0;
    return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
  }

  private static int byteOf(double linear) {
    double share = linear <= 0.0031308 ? linear * 12.92 : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
    return (int) Math.round(Math.clamp(share, 0, 1) * 255);
  }

  private static double root(double share) {
    return share > EPSILON ? Math.cbrt(share) : (KAPPA * share + 16) / 116;
  }

  private static double unroot(double root) {
    double cube = root * root * root;
    return cube > EPSILON ? cube : (116 * root - 16) / KAPPA;
  }

  private static double row(double[] row, double one, double two, double three) {
    return row[0] * one + row[1] * two + row[2] * three;
  }

  private static double sum(double[] row) {
    return row[0] + row[1] + row[2];
  }

  private static double[][] inverse(double[][] m) {
    double determinant = 0;
    double[][] inverse = new double[3][3];
    for (int i = 0; i < 3; i++) {
      for (int j = 0; j < 3; j++) {
        int r1 = (j + 1) % 3;
        int r2 = (j + 2) % 3;
        int c1 = (i + 1) % 3;
        int c2 = (i + 2) % 3;
        inverse[i][j] = m[r1][c1] * m[r2][c2] - m[r1][c2] * m[r2][c1];
      }
    }
    for (int j = 0; j < 3; j++) {
      determinant += m[0][j] * inverse[j][0];
    }
    for (double[] row : inverse) {
      for (int j = 0; j < 3; j++) {
        row[j] /= determinant;
      }
    }
    return inverse;
  }
}
