package hausaufgabe.server;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.nimbusds.jose.JOSEException;
import com.nimbusds.jose.JWSAlgorithm;
import com.nimbusds.jose.JWSHeader;
import com.nimbusds.jose.crypto.RSASSASigner;
import com.nimbusds.jose.jwk.JWKSet;
import com.nimbusds.jose.jwk.RSAKey;
import com.nimbusds.jose.jwk.gen.RSAKeyGenerator;
import com.nimbusds.jwt.JWTClaimsSet;
import com.nimbusds.jwt.SignedJWT;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.Base64;
import java.util.Date;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A small provider of OpenID Connect: whoever is sent to it is whom the test says, without a question. It holds its clients to
 * the rules (secret, code used once, proof key) and signs what it says.
 */
final class StandInProvider implements AutoCloseable {

    static final String CLIENT = "harbour";
    static final String SECRET = "a secret of both";

    private final HttpServer server;
    private final RSAKey key;
    private final Map<String, Map<String, String>> codes = new ConcurrentHashMap<>();

    /** Whom the next one is, as claims; null for somebody who does not want to be signed in. */
    volatile Map<String, Object> next;

    /** Whether what it says is signed with a key that it does not own up to. */
    volatile boolean forged;

    StandInProvider() throws IOException, JOSEException {
        key = new RSAKeyGenerator(2048).keyID("one").generate();
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext(
                "/.well-known/openid-configuration",
                x -> json(
                        x,
                        Map.of(
                                "issuer",
                                issuer(),
                                "authorization_endpoint",
                                issuer() + "/authorize",
                                "token_endpoint",
                                issuer() + "/token",
                                "jwks_uri",
                                issuer() + "/keys",
                                "response_types_supported",
                                new String[] {"code"},
                                "subject_types_supported",
                                new String[] {"public"},
                                "id_token_signing_alg_values_supported",
                                new String[] {"RS256"})));
        server.createContext("/keys", x -> json(x, new JWKSet(key.toPublicJWK()).toJSONObject()));
        server.createContext("/authorize", this::authorize);
        server.createContext("/token", this::token);
        server.start();
    }

    String issuer() {
        return "http://127.0.0.1:" + server.getAddress().getPort();
    }

    private void authorize(HttpExchange x) throws IOException {
        Map<String, String> asked = form(x.getRequestURI().getRawQuery());
        String answer;
        if (next == null) {
            answer = "error=access_denied";
        } else {
            String code = UUID.randomUUID().toString();
            codes.put(code, asked);
            answer = "code=" + code;
        }
        x.getResponseHeaders()
                .add(
                        "Location",
                        asked.get("redirect_uri") + "?" + answer + "&state="
                                + URLEncoder.encode(asked.get("state"), StandardCharsets.UTF_8));
        x.sendResponseHeaders(302, -1);
        x.close();
    }

    private void token(HttpExchange x) throws IOException {
        Map<String, String> given = form(new String(x.getRequestBody().readAllBytes(), StandardCharsets.UTF_8));
        String basic = "Basic "
                + Base64.getEncoder()
                        .encodeToString((URLEncoder.encode(CLIENT, StandardCharsets.UTF_8) + ":"
                                        + URLEncoder.encode(SECRET, StandardCharsets.UTF_8))
                                .getBytes(StandardCharsets.UTF_8));
        Map<String, String> asked = codes.remove(String.valueOf(given.get("code")));
        try {
            boolean right = asked != null
                    && Objects.equals(x.getRequestHeaders().getFirst("Authorization"), basic)
                    && Objects.equals(asked.get("code_challenge"), challenge(given.get("code_verifier")))
                    && Objects.equals(asked.get("redirect_uri"), given.get("redirect_uri"));
            if (!right) {
                x.sendResponseHeaders(400, -1);
                x.close();
                return;
            }
            json(
                    x,
                    Map.of(
                            "access_token",
                            "unused",
                            "token_type",
                            "Bearer",
                            "expires_in",
                            60,
                            "id_token",
                            signed(asked.get("nonce"))));
        } catch (GeneralSecurityException | JOSEException e) {
            throw new IOException(e);
        }
    }

    private String signed(String nonce) throws JOSEException {
        JWTClaimsSet.Builder claims = new JWTClaimsSet.Builder()
                .issuer(issuer())
                .audience(CLIENT)
                .issueTime(new Date())
                .expirationTime(new Date(System.currentTimeMillis() + 60_000))
                .claim("nonce", nonce);
        next.forEach(claims::claim);
        SignedJWT token = new SignedJWT(
                new JWSHeader.Builder(JWSAlgorithm.RS256).keyID("one").build(), claims.build());
        token.sign(new RSASSASigner(forged ? new RSAKeyGenerator(2048).generate() : key));
        return token.serialize();
    }

    private static String challenge(String verifier) throws GeneralSecurityException {
        return Base64.getUrlEncoder()
                .withoutPadding()
                .encodeToString(MessageDigest.getInstance("SHA-256")
                        .digest(String.valueOf(verifier).getBytes(StandardCharsets.US_ASCII)));
    }

    private static Map<String, String> form(String text) {
        Map<String, String> values = new HashMap<>();
        Arrays.stream(text.split("&"))
                .map(p -> p.split("=", 2))
                .forEach(p -> values.put(p[0], URLDecoder.decode(p[1], StandardCharsets.UTF_8)));
        return values;
    }

    private static void json(HttpExchange x, Map<String, ?> body) throws IOException {
        byte[] bytes = new ObjectMapper().writeValueAsBytes(body);
        x.getResponseHeaders().add("Content-Type", "application/json");
        x.sendResponseHeaders(200, bytes.length);
        x.getResponseBody().write(bytes);
        x.close();
    }

    @Override
    public void close() {
        server.stop(0);
    }
}
