package gerula.app.kit.picture;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.limits.HeavyWork;
import gerula.app.platform.picture.Jpeg;
import gerula.app.platform.workspace.SignedIn;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.springframework.stereotype.Component;

/** Pictures as they are sent. */
@Component
public class Uploads {

  private final HeavyWork heavy;

  Uploads(HeavyWork heavy) {
    this.heavy = heavy;
  }

  /**
   * Reads the picture of a request; it takes its turn, for a large one is heavy work.
   *
   * @throws gerula.app.platform.errors.Refused when it is no picture that can be read
   */
  public Jpeg picture(SignedIn who, HttpServletRequest request) throws IOException {
    byte[] upload = request.getInputStream().readAllBytes();
    return heavy.inTurn(
        who, HeavyWork.Length.SHORT, () -> Faults.built("picture", () -> Jpeg.ofUpload(upload)));
  }
}
