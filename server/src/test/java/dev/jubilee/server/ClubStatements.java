package dev.jubilee.server;

import dev.jubilee.server.tenant.ClubScope;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.ConcurrentSkipListSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.hibernate.resource.jdbc.spi.StatementInspector;

/**
 * Looks at every statement that Hibernate sends in a test run: one that touches a club's table
 * without naming the club fails, with the statement.
 */
public final class ClubStatements implements StatementInspector {
  private static final long serialVersionUID = 1L;

  /** Tables of no club; the last is read by the key of a session, which is a club's. */
  private static final Set<String> OF_NO_CLUB =
      Set.of("club", "sign_in_attempt", "training_session_athlete");

  private static final Pattern TABLE =
      Pattern.compile("\\b(?:from|join|(?<!key |do )update|into)\\s+([a-z_]+)\\b(?!\\()");

  private static final Set<String> SEEN = new ConcurrentSkipListSet<>();

  @Override
  public String inspect(String sql) {
    String statement = sql.toLowerCase(Locale.ROOT);
    if (!ClubScope.isAcrossClubs() && touchesAClub(statement) && !namesTheClub(statement)) {
      // Logs keep no messages, as they may hold health data.
      System.err.println("WITHOUT THE CLUB: " + sql);
      throw new IllegalStateException("a club's table without the club: " + sql);
    }
    SEEN.add(statement);
    return sql;
  }

  private static boolean touchesAClub(String statement) {
    Matcher table = TABLE.matcher(statement);
    while (table.find()) {
      if (!OF_NO_CLUB.contains(table.group(1))) {
        return true;
      }
    }
    return false;
  }

  /** An insert writes it; everything else asks for it. */
  static boolean namesTheClub(String statement) {
    int where = statement.indexOf(" where ");
    return statement.startsWith("insert")
        ? statement.contains("club_id")
        : where >= 0 && statement.indexOf("club_id", where) >= 0;
  }

  /** What was sent so far. */
  static List<String> seen() {
    return List.copyOf(SEEN);
  }
}
