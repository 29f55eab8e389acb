package dev.jubilee.core.approach;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a coach likes a warm-up where coaches disagree. Every school is sound; each says what speaks
 * for and against it, as common practice has it.
 *
 * @param first what comes first
 * @param holds held stretches before work
 * @param neck what is done for the neck
 * @param balance drills or graded efforts
 * @param top how high the build goes
 * @param routine the same drills every time or others
 * @param support holding on or free-standing
 * @param changing how readily what is seen changes the session
 */
@RecordBuilder
public record Approach(
    First first,
    Holds holds,
    Neck neck,
    Balance balance,
    Top top,
    Routine routine,
    Support support,
    Changing changing)
    implements ApproachBuilder.With {

  /** Raise first, short holds, neck tilts, effort-led, top by session, a routine. */
  public static final Approach USUAL =
      ApproachBuilder.builder()
          .first(First.RAISE)
          .holds(Holds.SHORT)
          .neck(Neck.TILTS)
          .balance(Balance.EVEN)
          .top(Top.BY_SESSION)
          .routine(Routine.FIXED)
          .support(Support.AS_MASTERED)
          .changing(Changing.ON_CLEAR_SIGNS)
          .build();

  /** A school: a name and what speaks for and against it. */
  public interface School {
    String title();

    String forAndAgainst();
  }

  /** What comes first. */
  public enum First implements School {
    RAISE("Raise first", "Warm tissue moves more easily; the joints wait a few minutes."),
    JOINTS(
        "Joints first", "Slow and exact shows how the athlete moves today; it is done still cold."),
    DRILLS(
        "Drills are the warm-up", "Saves time and rehearses; the first drills are done unwarmed."),
    ROLLING(
        "Rolling first",
        "Some feel looser for it; it takes time and kit, and its effect is small and short.");

    private final String title;
    private final String forAndAgainst;

    First(String title, String forAndAgainst) {
      this.title = title;
      this.forAndAgainst = forAndAgainst;
    }

    @Override
    public String title() {
      return title;
    }

    @Override
    public String forAndAgainst() {
      return forAndAgainst;
    }
  }

  /** Held stretches before work. */
  public enum Holds implements School {
    NONE("No holds", "Nothing lost before fast work; stiff areas get less range.", 0),
    SHORT(
        "Short holds, early",
        "15 to 30 s, then movement, costs little (under 60 s a muscle −1.1 %, Behm et al. 2016).",
        20),
    LONG(
        "Long holds",
        "Frees tight areas after travel; 60 s or more a muscle cost performance (−4.6 %, Behm et"
            + " al. 2016). Held 45 s here, once.",
        45);

    private final String title;
    private final String forAndAgainst;
    private final int seconds;

    Holds(String title, String forAndAgainst, int seconds) {
      this.title = title;
      this.forAndAgainst = forAndAgainst;
      this.seconds = seconds;
    }

    /** How long a stretch is held in s; 0 where none is. */
    public int seconds() {
      return seconds;
    }

    @Override
    public String title() {
      return title;
    }

    @Override
    public String forAndAgainst() {
      return forAndAgainst;
    }
  }

  /** What is done for the neck. */
  public enum Neck implements School {
    ROLLS("Neck rolls", "Loosens all round; rolling back pinches some necks."),
    TILTS("Neck tilts", "Side and front only, safe for most; less all-round."),
    NONE("Leave the neck", "Nothing to go wrong; swimmers and riders may miss it.");

    private final String title;
    private final String forAndAgainst;

    Neck(String title, String forAndAgainst) {
      this.title = title;
      this.forAndAgainst = forAndAgainst;
    }

    @Override
    public String title() {
      return title;
    }

    @Override
    public String forAndAgainst() {
      return forAndAgainst;
    }
  }

  /** Drills or graded efforts. */
  public enum Balance implements School {
    DRILLS(
        "More drills",
        "Technique every day; many drills tire and few efforts leave a gap.",
        1.6,
        -1),
    EVEN(
        "Even",
        "As many efforts as the session needs, drills for the rest; neither in full.",
        1,
        0),
    EFFORTS(
        "More efforts", "The session's speed is met often; less is seen of how they move.", 0.5, 2);

    private final String title;
    private final String forAndAgainst;
    private final double drills;
    private final int efforts;

    Balance(String title, String forAndAgainst, double drills, int efforts) {
      this.title = title;
      this.forAndAgainst = forAndAgainst;
      this.drills = drills;
      this.efforts = efforts;
    }

    /** Factor on the seconds of drills. */
    public double drills() {
      return drills;
    }

    /** Graded efforts more or less. */
    public int efforts() {
      return efforts;
    }

    @Override
    public String title() {
      return title;
    }

    @Override
    public String forAndAgainst() {
      return forAndAgainst;
    }
  }

  /** How high the build goes. */
  public enum Top implements School {
    BY_SESSION("By session", "As high as the first effort asks; trusts the session's label.", 1),
    CAP_80(
        "Cap at 80 %",
        "Nobody is tired or hurt by it; the top gear is first met in the work.", 0.8),
    CAP_95(
        "90 to 95 %",
        "Close to the work without an all-out effort; the last gear is missing.", 0.95),
    FULL("One at 100 %", "The session holds no surprise; costs a little and needs a full wait.", 1);

    private final String title;
    private final String forAndAgainst;
    private final double share;

    Top(String title, String forAndAgainst, double share) {
      this.title = title;
      this.forAndAgainst = forAndAgainst;
      this.share = share;
    }

    /** Cap as a share of top speed or power. */
    public double share() {
      return share;
    }

    @Override
    public String title() {
      return title;
    }

    @Override
    public String forAndAgainst() {
      return forAndAgainst;
    }
  }

  /** The same drills every time or others. */
  public enum Routine implements School {
    FIXED(
        "The same routine",
        "Known, quick, comparable from day to day; the body may stop noticing.",
        6_000),
    MENU(
        "A menu", "Fresh, and fits the day; nothing to compare with, and more to explain.", -6_000);

    private final String title;
    private final String forAndAgainst;
    private final int bias;

    Routine(String title, String forAndAgainst, int bias) {
      this.title = title;
      this.forAndAgainst = forAndAgainst;
      this.bias = bias;
    }

    /** Points for a drill that was in the last warm-up of this kind; Jubilee modelling choice. */
    public int bias() {
      return bias;
    }

    @Override
    public String title() {
      return title;
    }

    @Override
    public String forAndAgainst() {
      return forAndAgainst;
    }
  }

  /** Holding on or free-standing. */
  public enum Support implements School {
    AS_MASTERED("As mastered", "Each athlete as far as they are; the group does not look alike."),
    HOLD_ON("Hold on", "More range, no wobble; balance is not trained."),
    FREE("Free-standing", "Outdoors there is nothing to hold; beginners move less far.");

    private final String title;
    private final String forAndAgainst;

    Support(String title, String forAndAgainst) {
      this.title = title;
      this.forAndAgainst = forAndAgainst;
    }

    @Override
    public String title() {
      return title;
    }

    @Override
    public String forAndAgainst() {
      return forAndAgainst;
    }
  }

  /** How readily what is seen in the warm-up changes the session; pain and red flags always do. */
  public enum Changing implements School {
    RARELY(
        "Keep to the plan",
        "The block stays as planned, and many a flat warm-up ends well; some sessions are wasted."),
    ON_CLEAR_SIGNS(
        "On clear signs", "One more try before anything gives way; it takes a few minutes."),
    READILY("Readily", "Nobody forces a flat day; some good sessions are given away early.");

    private final String title;
    private final String forAndAgainst;

    Changing(String title, String forAndAgainst) {
      this.title = title;
      this.forAndAgainst = forAndAgainst;
    }

    @Override
    public String title() {
      return title;
    }

    @Override
    public String forAndAgainst() {
      return forAndAgainst;
    }
  }
}
