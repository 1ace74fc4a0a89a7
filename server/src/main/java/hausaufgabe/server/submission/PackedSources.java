package hausaufgabe.server.submission;

import com.fasterxml.jackson.core.type.TypeReference;
import hausaufgabe.checking.Json;
import hausaufgabe.checking.archive.Upload;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/**
 * Sources as they are stored: compressed JSON.
 *
 * @param hash SHA-256 of the JSON, which is the same for the same sources
 */
record PackedSources(byte[] bytes, String hash) {

    static PackedSources of(Upload upload) {
        try {
            byte[] json = Json.mapper().writeValueAsBytes(upload);
            ByteArrayOutputStream packed = new ByteArrayOutputStream();
            try (OutputStream out = new GZIPOutputStream(packed)) {
                out.write(json);
            }
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(json);
            return new PackedSources(packed.toByteArray(), HexFormat.of().formatHex(digest));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    static Upload unpack(byte[] packed) {
        try (InputStream in = new GZIPInputStream(new ByteArrayInputStream(packed))) {
            return Json.mapper().readValue(in, new TypeReference<Upload>() {});
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
