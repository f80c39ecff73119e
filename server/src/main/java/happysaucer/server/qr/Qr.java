package happysaucer.server.qr;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** The modules of a code. */
public final class Qr {
  /** Light modules around it. */
  private static final int QUIET = 2;

  private Qr() {}

  /** One bit a module, dark ones set; a seventh of them may be soiled. */
  public static BitMatrix modules(String text) {
    try {
      return new QRCodeWriter()
          .encode(
              text,
              BarcodeFormat.QR_CODE,
              1,
              1,
              Map.of(
                  EncodeHintType.ERROR_CORRECTION,
                  ErrorCorrectionLevel.M,
                  EncodeHintType.MARGIN,
                  QUIET));
    } catch (WriterException e) {
      throw new IllegalArgumentException("No code holds " + text, e);
    }
  }
}
