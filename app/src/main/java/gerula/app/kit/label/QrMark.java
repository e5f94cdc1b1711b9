package gerula.app.kit.label;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.io.IOException;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** A QR code (ISO/IEC 18004) of a short code, drawn as squares so that it stays sharp. */
final class QrMark {

  /** White modules that must surround the code. */
  private static final int QUIET_MODULES = 4;

  private final BitMatrix modules;

  private QrMark(BitMatrix modules) {
    this.modules = modules;
  }

  static QrMark of(String text) {
    try {
      return new QrMark(
          new QRCodeWriter()
              .encode(
                  text,
                  BarcodeFormat.QR_CODE,
                  0,
                  0,
                  Map.of(
                      EncodeHintType.ERROR_CORRECTION,
                      ErrorCorrectionLevel.M,
                      EncodeHintType.MARGIN,
                      0)));
    } catch (WriterException impossible) {
      throw new IllegalStateException("Six characters fit into every QR code.", impossible);
    }
  }

  /** Width that has to stay white beside a code drawn in this size, mm. */
  double quietZone(double sizeMm) {
    return QUIET_MODULES * sizeMm / modules.getWidth();
  }

  void draw(PDPageContentStream pen, double left, double bottom, double sizeMm) throws IOException {
    double module = sizeMm / modules.getWidth();
    // A hair of overlap, or viewers show white lines between the squares.
    double drawn = module * 1.01;
    for (int y = 0; y < modules.getHeight(); y++) {
      for (int x = 0; x < modules.getWidth(); x++) {
        if (modules.get(x, y)) {
          pen.addRect(
              (float) (left + x * module),
              (float) (bottom + sizeMm - (y + 1) * module),
              (float) drawn,
              (float) drawn);
        }
      }
    }
    pen.fill();
  }
}
