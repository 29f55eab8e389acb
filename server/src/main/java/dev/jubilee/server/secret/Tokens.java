package dev.jubilee.server.secret;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Arrays;
import java.util.Base64;
import java.util.HexFormat;
import java.util.UUID;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The secret parts of links. Stored is their hash alone, so that whoever reads the database can
 * follow none of them. A token that must be shown again is derived from the server's secret, which
 * is not in the database.
 */
@Component
public class Tokens {
  private static final Logger LOG = LoggerFactory.getLogger(Tokens.class);

  /** 160 bits: not to be guessed. */
  private static final int TOKEN_BYTES = 20;

  private static final String MAC = "HmacSHA256";
  private static final SecureRandom RANDOM = new SecureRandom();

  private final SecretKeySpec key;

  Tokens(@Value("${jubilee.secret:}") String secret) {
    byte[] bytes = secret.getBytes(StandardCharsets.UTF_8);
    if (secret.isBlank()) {
      bytes = random();
      LOG.info("no JUBILEE_SECRET: links made before this start work, and cannot be shown again");
    }
    this.key = new SecretKeySpec(bytes, MAC);
  }

  /** A token nobody has had. */
  public static String fresh() {
    return encoded(random());
  }

  /** The token of something, always the same one for one secret. */
  public String of(UUID id) {
    try {
      Mac mac = Mac.getInstance(MAC);
      mac.init(key);
      byte[] whole = mac.doFinal(id.toString().getBytes(StandardCharsets.US_ASCII));
      return encoded(Arrays.copyOf(whole, TOKEN_BYTES));
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }

  /** SHA-256 in hex; a token is random enough to need no salt. */
  public static String hash(String token) {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Whether two tokens are one, in a time that tells nothing. */
  public static boolean same(String one, String other) {
    return MessageDigest.isEqual(
        one.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
  }

  private static byte[] random() {
    byte[] bytes = new byte[TOKEN_BYTES];
    RANDOM.nextBytes(bytes);
    return bytes;
  }

  private static String encoded(byte[] bytes) {
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }
}
