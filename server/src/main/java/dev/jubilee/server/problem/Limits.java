package dev.jubilee.server.problem;

/** How long texts may be that several requests have, and how that is said. */
public final class Limits {
  /** Of athletes, blocks and groups. */
  public static final int NAME = 80;

  public static final String NAME_ACCEPTED = "1 to " + NAME + " characters";

  /** Of an address to sign in with, and of a password. */
  public static final int CREDENTIAL = 200;

  public static final String CREDENTIAL_ACCEPTED = "1 to " + CREDENTIAL + " characters";

  private Limits() {}
}
