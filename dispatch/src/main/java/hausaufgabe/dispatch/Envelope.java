package hausaufgabe.dispatch;

import com.fasterxml.jackson.core.JsonProcessingException;
import hausaufgabe.checking.Json;
import jakarta.jms.BytesMessage;
import jakarta.jms.JMSException;
import jakarta.jms.Message;
import jakarta.jms.Session;
import java.io.IOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/**
 * What goes through the broker: JSON, and what is to be known before it is read.
 *
 * @param check which check it is about
 * @param run which run of the server wants it
 * @param version of the program that is to make it, or has made it
 * @param content what the check's request hashes to, so that an answer is never taken for that of another
 * @param body in JSON
 */
record Envelope(String check, String run, String version, String content, byte[] body) {

    /** Names of properties, of which some are selected by. */
    static final String CHECK = "hausaufgabeCheck";

    static final String RUN = "hausaufgabeRun";
    static final String VERSION = "hausaufgabeVersion";
    static final String CONTENT = "hausaufgabeContent";

    /** A request with the hash of itself. */
    static Envelope request(String check, String run, String version, Object body) {
        byte[] bytes = bytes(body);
        return new Envelope(check, run, version, hash(bytes), bytes);
    }

    /** An answer to this. */
    Envelope answer(Object body) {
        return new Envelope(check, run, version, content, bytes(body));
    }

    boolean isWhole() {
        return hash(body).equals(content);
    }

    <T> T read(Class<T> kind) throws IOException {
        return Json.mapper().readValue(body, kind);
    }

    Message in(Session session) throws JMSException {
        BytesMessage message = session.createBytesMessage();
        message.setStringProperty(CHECK, check);
        message.setStringProperty(RUN, run);
        message.setStringProperty(VERSION, version);
        message.setStringProperty(CONTENT, content);
        message.writeBytes(body);
        return message;
    }

    static Envelope of(Message message) throws JMSException {
        if (!(message instanceof BytesMessage bytes)) {
            throw new JMSException("not one of ours");
        }
        byte[] body = new byte[Math.toIntExact(bytes.getBodyLength())];
        bytes.readBytes(body);
        return new Envelope(
                bytes.getStringProperty(CHECK),
                bytes.getStringProperty(RUN),
                bytes.getStringProperty(VERSION),
                bytes.getStringProperty(CONTENT),
                body);
    }

    private static byte[] bytes(Object body) {
        try {
            return Json.mapper().writeValueAsBytes(body);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String hash(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
