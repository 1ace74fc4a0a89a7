package hausaufgabe.server.account;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.Key;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.Base64;
import java.util.Map;
import java.util.OptionalLong;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;

/** Codes that a device works out of a shared secret and the time (RFC 6238: six digits, 30 seconds, SHA-1). */
final class OneTimeCodes {

    private static final SecureRandom RANDOM = new SecureRandom();
    private static final TimeBasedOneTimePasswordGenerator GENERATOR = new TimeBasedOneTimePasswordGenerator();
    private static final int SECRET_BYTES = 20;
    /** How many steps a device's clock may be wrong. */
    private static final int DRIFT = 1;

    private OneTimeCodes() {}

    /** @return a new secret, in base 32 without padding */
    static String secret() {
        byte[] random = new byte[SECRET_BYTES];
        RANDOM.nextBytes(random);
        return new Base32().encodeToString(random).replace("=", "");
    }

    /**
     * The time step whose code this is.
     *
     * @param after only a later step counts: no code is taken twice
     * @return absent where it is the code of none that is near enough
     */
    static OptionalLong step(String secret, String code, Instant now, long after) {
        long seconds = GENERATOR.getTimeStep().toSeconds();
        long current = now.getEpochSecond() / seconds;
        OptionalLong found = OptionalLong.empty();
        for (long step = current - DRIFT; step <= current + DRIFT; step++) {
            byte[] right = code(secret, Instant.ofEpochSecond(step * seconds)).getBytes(StandardCharsets.UTF_8);
            if (step > after && MessageDigest.isEqual(right, code.getBytes(StandardCharsets.UTF_8))) {
                found = OptionalLong.of(step);
            }
        }
        return found;
    }

    private static String code(String secret, Instant at) {
        try {
            Key key = new SecretKeySpec(new Base32().decode(secret), GENERATOR.getAlgorithm());
            return GENERATOR.generateOneTimePasswordString(key, at);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What a device reads the secret from. */
    static String address(String login, String secret) {
        String label = URLEncoder.encode("Hausaufgabe:" + login, StandardCharsets.UTF_8)
                .replace("+", "%20");
        return "otpauth://totp/" + label + "?secret=" + secret
                + "&issuer=Hausaufgabe&algorithm=SHA1&digits=6&period=30";
    }

    /** @return the address as a picture for a camera (a QR code, ISO 18004), as a {@code data:} address of an SVG */
    static String picture(String address) {
        BitMatrix dots;
        try {
            dots = new QRCodeWriter().encode(address, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 2));
        } catch (WriterException e) {
            throw new IllegalStateException(e);
        }
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < dots.getHeight(); y++) {
            for (int x = 0; x < dots.getWidth(); x++) {
                if (dots.get(x, y)) {
                    path.append("M").append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        String svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 " + dots.getWidth() + ' '
                + dots.getHeight()
                + "\" shape-rendering=\"crispEdges\"><rect width=\"100%\" height=\"100%\" fill=\"#fff\"/>"
                + "<path d=\"" + path + "\"/></svg>";
        return "data:image/svg+xml;base64," + Base64.getEncoder().encodeToString(svg.getBytes(StandardCharsets.UTF_8));
    }
}
