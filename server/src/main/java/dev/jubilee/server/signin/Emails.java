package dev.jubilee.server.signin;

import java.util.Locale;

/** Addresses that coaches sign in with; capitals do not tell them apart. */
public final class Emails {
  public static final String ACCEPTED = "an e-mail address, at most 200 characters";

  private Emails() {}

  public static String folded(String email) {
    return email.strip().toLowerCase(Locale.ROOT);
  }
}
