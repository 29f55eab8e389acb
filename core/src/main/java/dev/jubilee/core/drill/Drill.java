package dev.jubilee.core.drill;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * One movement, or one rung of a ladder of versions of it.
 *
 * @param id stable key, lower case with hyphens
 * @param name standard name
 * @param aliases what else coaches call it
 * @param rung its place on a ladder, if it is on one
 * @param block where in a warm-up it belongs
 * @param suits how well it suits each sport, 1 to 3; absent means not at all
 * @param level least training experience
 * @param position where the body is
 * @param kit what must be at hand
 * @param effort while doing it, points on the effort scale, 0 to 100
 * @param serves needs it serves with strength 0.5 to 3 at its usual dose
 * @param regions regions it works or moves; out when one of them hurts
 * @param ways how it works regions; those it loads hard are under {@link Way#ECCENTRIC}, and those
 *     that are under none are moved gently
 * @param caveats what it asks that not everybody may do
 * @param contacts ground contacts for each counted repetition, for each metre when travelling, or
 *     for each second of work on the clock
 * @param holdSeconds how long one position is held, 0 when it moves all the time
 * @param joint the one that it moves slowly and by itself, if it does
 * @param favours regions for which it is liked when they are stiff
 * @param wetSafe whether it may be done on a wet deck
 * @param usual dose when nothing speaks for more or less
 * @param least smallest sensible amount of {@code usual}
 * @param most largest sensible amount of {@code usual}
 * @param steps how to do it, one to three short sentences
 * @param cues at most three, a few words each
 * @param fault the common fault and its fix
 * @param caution what to watch; empty when nothing in particular
 * @param role what a rule needs this very drill for, if any does
 */
@RecordBuilder
public record Drill(
    String id,
    String name,
    List<String> aliases,
    Optional<Rung> rung,
    WarmUpPart block,
    Map<Sport, Integer> suits,
    Level level,
    Position position,
    Set<Kit> kit,
    int effort,
    Map<Need, Double> serves,
    Set<BodyRegion> regions,
    Map<Way, Set<BodyRegion>> ways,
    Set<Caveat> caveats,
    double contacts,
    int holdSeconds,
    Optional<BodyRegion> joint,
    Set<BodyRegion> favours,
    boolean wetSafe,
    Dose usual,
    int least,
    int most,
    List<String> steps,
    List<String> cues,
    String fault,
    String caution,
    Optional<Role> role) {

  /** Whether it is the one that a rule needs for something. */
  public boolean is(Role wanted) {
    return role.filter(wanted::equals).isPresent();
  }

  /** Whether it works a region at all, in whatever way. */
  public boolean works(BodyRegion region) {
    return regions.contains(region) || ways.values().stream().anyMatch(r -> r.contains(region));
  }

  /** Whether it works a region in a way. */
  public boolean works(BodyRegion region, Way way) {
    return ways.getOrDefault(way, Set.of()).contains(region);
  }

  /** A place on a ladder: 1 is the easiest version. */
  public record Rung(String ladder, int step) {}

  /** Whether who has done this needs the other one no more: it is the same, or a lower rung. */
  public boolean covers(Drill other) {
    boolean isLower =
        rung.isPresent()
            && other.rung.isPresent()
            && rung.get().ladder().equals(other.rung.get().ladder())
            && other.rung.get().step() <= rung.get().step();
    return isLower || id.equals(other.id);
  }

  /** The dose with another amount, fitted to the space; the amount must be within the range. */
  public Dose dose(int amount) {
    return usual.withAmount(Bounds.within("amount", amount, least, most, unit()));
  }

  /** The same drill with another usual dose and most. */
  public Drill usually(Dose dose, int atMost) {
    return with(dose, atMost, role);
  }

  /** The same drill as the one that a rule needs for something. */
  public Drill with(Role wanted) {
    return with(usual, most, Optional.of(wanted));
  }

  private Drill with(Dose dose, int atMost, Optional<Role> newRole) {
    return DrillBuilder.builder(this).usual(dose).most(atMost).role(newRole).build();
  }

  /** At most one drill of a group stands in a plan: the rungs of a ladder, or the drill alone. */
  public String group() {
    return rung.map(Rung::ladder).orElse(id);
  }

  /** Held so long it counts as a held stretch, s; shorter pauses are part of moving. */
  private static final int HELD = 10;

  public boolean isHeld() {
    return holdSeconds >= HELD;
  }

  /** Effort of a brisk walk; whatever travels harder is quicker than walking. */
  private static final int WALKING = 36;

  /** How well a drill suits the sport whose own movement it is. */
  private static final int OWN = 3;

  /**
   * Whether it lands, is quicker than walking or on one free leg, and so not for slippery ground.
   */
  public boolean needsGrip() {
    boolean isQuick = position == Position.TRAVELLING && effort > WALKING;
    // Jogging on the spot leaves the ground too.
    boolean bounces = block == WarmUpPart.RAISE && works(BodyRegion.ACHILLES, Way.ECCENTRIC);
    return contacts > 0 || isQuick || bounces || isOnOneLeg();
  }

  /** Whether it stands free on one leg, trains balance, or could end in a fall. */
  public boolean asksForBalance() {
    return isOnOneLeg() || caveats.contains(Caveat.UNSTEADY);
  }

  private boolean isOnOneLeg() {
    return caveats.contains(Caveat.ONE_LEG)
        || (isOnFeet() && serves.containsKey(new Need.Rehearsal(Skill.BALANCE)));
  }

  /**
   * Whether it can be done sitting: it is meant so, or is an easy movement of arms, neck and trunk
   * that most do standing.
   */
  public boolean isDoneSeated() {
    if (position == Position.SEATED) {
      return true;
    }
    boolean isUpright = position == Position.STANDING || position == Position.DECK;
    return isUpright
        && contacts == 0
        && !kit.contains(Kit.SUPPORT)
        && !serves.containsKey(new Need.Rehearsal(Skill.BALANCE))
        && !isOfTheLegs();
  }

  /** Whether it is a sport's own movement, as rowing lightly is a rower's. */
  public boolean isOf(Sport sport) {
    return suits(sport) == OWN;
  }

  /** Whether it is of the way over a barrier. */
  public boolean isForBarriers() {
    return serves.containsKey(new Need.Rehearsal(Skill.CLEARANCE));
  }

  /** Whether the legs take part. */
  public boolean isOfTheLegs() {
    return regions.stream().anyMatch(BodyRegion::isOfTheLegs)
        || ways.values().stream().anyMatch(r -> r.stream().anyMatch(BodyRegion::isOfTheLegs));
  }

  private boolean isOnFeet() {
    return position == Position.STANDING
        || position == Position.TRAVELLING
        || position == Position.DECK;
  }

  /** Whether it may be done on a wet deck; who sits at a machine or swims does not slip. */
  public boolean suitsWetDeck() {
    return wetSafe || position == Position.MACHINE || position == Position.WATER;
  }

  /** What the dose's amount counts. */
  public String unit() {
    return usual.unit().words();
  }

  /** Ground contacts in a dose of this drill. */
  public int contactsIn(Dose dose) {
    if (contacts == 0) {
      return 0;
    }
    double per = dose.totalCount();
    if (dose instanceof Dose.Lengths lengths) {
      per = lengths.distance().metres();
    } else if (per == 0) {
      per =
          dose.segments().stream()
              .filter(s -> s.kind() == Segment.Kind.WORK)
              .mapToInt(Segment::seconds)
              .sum();
    }
    return (int) Math.round(contacts * per);
  }

  /** The lane a travelling drill needs at the very least. */
  public Distance leastSpace() {
    return position == Position.TRAVELLING ? Distance.ofMetres(8) : Distance.ofMetres(2);
  }

  public int suits(Sport sport) {
    return suits.getOrDefault(sport, 0);
  }
}
