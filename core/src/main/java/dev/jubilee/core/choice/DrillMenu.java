package dev.jubilee.core.choice;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.demand.Contacts;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.demand.TrainingPhase;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Benefit;
import dev.jubilee.core.plan.Changeovers;
import dev.jubilee.core.plan.DosedDrill;
import dev.jubilee.core.plan.Layout;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.SetUp;
import dev.jubilee.core.selection.Choice;
import dev.jubilee.core.selection.ExactChoice;
import dev.jubilee.core.selection.Mainstays;
import dev.jubilee.core.selection.Mainstays.Mainstay;
import dev.jubilee.core.selection.Menu;
import dev.jubilee.core.selection.MenuBuilder;
import dev.jubilee.core.selection.Offer;
import dev.jubilee.core.selection.OfferBuilder;
import dev.jubilee.core.sport.BodyRegion;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Puts the choice of drills as a {@link Menu} of whole numbers, has it solved and puts what was
 * chosen in order.
 *
 * <p>Points: the strongest drill for a need counts 8000 times the need's weight times its strength.
 * Each drill costs {@value #ATTENTION} for the coach's and athlete's attention, so that nothing is
 * given for little. The figures are Jubilee modelling choices.
 */
public final class DrillMenu {
  /** What a drill costs that is new in a training block; Jubilee modelling choice. */
  private static final int NEWNESS = 20_000;

  private static final int ATTENTION = 12_000;

  /** What a short dose is of the usual one; Jubilee modelling choice. */
  private static final double SHORT_DOSE = 0.65;

  /** A coach who holds stretches does so where it is tight, whatever else moves it. */
  private static final int HELD_AS_LIKED = 60_000;

  /** Who begins with the joints begins with all of them: more than any other drill brings. */
  private static final int JOINT_FIRST = 250_000;

  /** Common practice. */
  private static final Set<BodyRegion> SHORTENED_BY_SITTING =
      EnumSet.of(BodyRegion.HIP_FLEXORS, BodyRegion.HAMSTRINGS);

  private static final int SUITS_WELL = 2;

  /** The joints in the order of the school that begins with them; common practice. */
  private static final List<BodyRegion> UPWARDS =
      List.of(
          BodyRegion.ANKLES,
          BodyRegion.KNEES,
          BodyRegion.HIPS,
          BodyRegion.LOWER_BACK,
          BodyRegion.MID_BACK,
          BodyRegion.SHOULDERS,
          BodyRegion.WRISTS,
          BodyRegion.NECK);

  /** Slow repetitions each way of a joint by itself; common practice is 3 to 5. */
  private static final int EACH_WAY = 5;

  /** Points for a drill that is meant for a stiff region; Jubilee modelling choice. */
  private static final int FAVOUR = 8_000;

  /** Most of what a drill costs that is the mark of a school; Jubilee modelling choice. */
  private static final int OF_THE_SCHOOL = 10_000;

  /** Points for a drill that any length of the warm-up has; Jubilee modelling choice. */
  private static final int MAINSTAY = 10_000;

  /** of what it brings by itself at the most, so that little is never favoured much. */
  private static final double OF_ITS_GAIN = 0.4;

  /** Points for a drill that the coach wants in whatever dose: more than all else together. */
  private static final int LOCKED_OPEN = 10_000_000;

  private final PrescriptionRequest request;
  private final Set<String> lockedOpen;

  /** Indices of the needs, in the order of their words. */
  private final Map<Need, Integer> needs = new LinkedHashMap<>();

  private final DrillLibrary library;
  private final SetUpSequencer stages;

  /** Indices by where a drill stands and what it needs there. */
  private final Map<Place, Integer> setUps = new HashMap<>();

  private final IdentityHashMap<Offer, DosedDrill> parts = new IdentityHashMap<>();
  private final Menu menu;

  /** Where in the plan a drill stands and what it needs there. */
  private record Place(Layout.Part part, SetUp setUp) {
    static Place of(DosedDrill dosed, Approach.First first) {
      return new Place(Layout.of(dosed.drill(), first), SetUp.of(dosed.drill()));
    }
  }

  /**
   * @param library whose pace it is
   * @param skeleton raise, build and transition, in the order of the plan
   * @param candidates drills to choose from
   * @param required drills that are in, in these doses
   * @param lockedOpen ids of candidates that are in, in whatever dose, as far as there is room
   * @param seconds for all drills and what getting into them adds
   * @param contacts most ground contacts of the drills
   * @param most of them that are counted
   * @param rooms for each of {@link WarmUpPart#CHOSEN}
   */
  public DrillMenu(
      PrescriptionRequest request,
      Demand demand,
      DrillLibrary library,
      List<Layout.Part> skeleton,
      List<Drill> candidates,
      List<DosedDrill> required,
      Set<String> lockedOpen,
      int seconds,
      int contacts,
      int most,
      Map<WarmUpPart, Menu.Room> rooms) {
    this.request = request;
    this.library = library;
    this.stages = new SetUpSequencer((from, to) -> library.changing(from.secondsTo(to)));
    this.lockedOpen = lockedOpen;
    demand.needs().keySet().stream()
        .sorted(Comparator.comparing(Need::words))
        .forEach(need -> needs.put(need, needs.size()));
    List<DosedDrill> all = new ArrayList<>(required);
    for (Drill drill : candidates) {
      if (rooms.get(drill.block()).most() == 0 && !lockedOpen.contains(drill.id())) {
        continue;
      }
      doses(drill, seconds < demand.menuTotal())
          .forEach(dose -> all.add(new DosedDrill(drill, dose)));
    }
    List<Place> places =
        all.stream().map(part -> Place.of(part, request.approach().first())).toList();
    layOut(skeleton, places);
    List<Offer> offers = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      Offer offer = offer(all.get(i), setUps.get(places.get(i)), i < required.size(), i);
      offers.add(offer);
      parts.put(offer, all.get(i));
    }
    Menu plain =
        MenuBuilder.builder()
            .offers(offers)
            .weights(
                needs.keySet().stream()
                    .map(n -> (int) Math.round(10 * demand.needs().get(n)))
                    .toList())
            .blocks(WarmUpPart.CHOSEN.stream().map(rooms::get).toList())
            .seconds(seconds)
            .contacts(contacts)
            .drills(most)
            .setups(stages)
            .build();
    // What was done last time, or in a block before, is what is kept or varied there.
    boolean isFirst = request.lastTime().isEmpty() && request.phase().equals(TrainingPhase.NONE);
    menu = isFirst ? favouring(plain) : plain;
  }

  /** The same menu in which mainstays count more. */
  private Menu favouring(Menu plain) {
    Map<String, Integer> mainstays = new HashMap<>();
    for (Mainstay mainstay : Mainstays.of(plain)) {
      double favour = Math.min(MAINSTAY, OF_ITS_GAIN * mainstay.gain());
      String drill = parts.get(mainstay.offer()).drill().id();
      mainstays.put(drill, (int) (mainstay.share() * favour));
    }
    List<Offer> offers = new ArrayList<>();
    for (Offer offer : plain.offers()) {
      DosedDrill part = parts.get(offer);
      int favour = mainstays.getOrDefault(part.drill().id(), 0);
      if (favour > 0) {
        Offer favoured = OfferBuilder.builder(offer).bias(offer.bias() + favour).build();
        parts.put(favoured, part);
        offers.add(favoured);
      } else {
        offers.add(offer);
      }
    }
    return MenuBuilder.builder(plain).offers(offers).build();
  }

  public Menu menu() {
    return menu;
  }

  /** The best choice, in the order that takes the least time, lower effort first. */
  public List<DosedDrill> chosen() {
    Choice choice = ExactChoice.of(menu);
    Map<Integer, List<DosedDrill>> bySetUp = new TreeMap<>();
    int mask = 0;
    for (Offer offer : choice.offers()) {
      bySetUp.computeIfAbsent(offer.setup(), k -> new ArrayList<>()).add(parts.get(offer));
      mask |= 1 << offer.setup();
    }
    int[][] efforts = new int[setUps.size()][2];
    bySetUp.forEach(
        (setUp, own) -> {
          own.sort(
              Comparator.comparing((DosedDrill p) -> !isFoot(p.drill(), request))
                  .thenComparing(p -> fromTheAnklesUp(p.drill()))
                  .thenComparing(p -> p.drill().effort())
                  .thenComparing(p -> p.drill().id()));
          efforts[setUp][0] = own.stream().mapToInt(p -> p.drill().effort()).min().orElse(0);
          efforts[setUp][1] = own.stream().mapToInt(p -> p.drill().effort()).max().orElse(0);
        });
    List<DosedDrill> ordered = new ArrayList<>();
    stages.order(mask, efforts).forEach(setUp -> ordered.addAll(bySetUp.get(setUp)));
    return ordered;
  }

  /** Wanted drills that these do not hold, for want of room. */
  public Set<String> lockedBut(List<DosedDrill> chosen) {
    Set<String> left = new HashSet<>(lockedOpen);
    chosen.forEach(part -> left.remove(part.drill().id()));
    return left;
  }

  private void layOut(List<Layout.Part> layout, List<Place> places) {
    Set<Place> distinct = new LinkedHashSet<>(places);
    for (Layout.Part part : layout) {
      if (part.fixed().isPresent()) {
        stages.fixed(part.fixed().get());
        continue;
      }
      List<Place> needed = distinct.stream().filter(p -> p.part.equals(part)).toList();
      int index = stages.open(needed.stream().map(Place::setUp).toList());
      for (Place place : needed) {
        setUps.put(place, index++);
      }
    }
  }

  private Offer offer(DosedDrill part, int setUp, boolean required, int index) {
    Drill drill = part.drill();
    return OfferBuilder.builder()
        .id(drill.id() + " " + part.dose().amount())
        .group(group(drill))
        .block(WarmUpPart.CHOSEN.indexOf(drill.block()))
        .setup(setUp)
        .seconds(
            part.dose().seconds()
                + Changeovers.next(library, request.circumstances().conditions().group()))
        .contacts(drill.contactsIn(part.dose()))
        .covers(covers(part))
        .bias(bias(drill) - index)
        .counted(isCounted(drill))
        .required(required)
        .build();
  }

  /** Rolling is not counted among the drills; a child counts each thing that is to be done. */
  private boolean isCounted(Drill drill) {
    return drill.block() != WarmUpPart.RELEASE || request.athlete().isChild();
  }

  private String group(Drill drill) {
    if (isFoot(drill, request)) {
      return drill.id();
    }
    return isJointFirst(drill) ? "joint " + drill.joint().orElseThrow() : drill.group();
  }

  /** One of the joints that a school moves before all else, each once. */
  private boolean isJointFirst(Drill drill) {
    return request.approach().first() == Approach.First.JOINTS && drill.joint().isPresent();
  }

  /** The place of a joint on the way from the ankles to the head. */
  private int fromTheAnklesUp(Drill drill) {
    return isJointFirst(drill) ? UPWARDS.indexOf(drill.joint().orElseThrow()) : 0;
  }

  private List<Offer.Cover> covers(DosedDrill part) {
    List<Offer.Cover> covers = new ArrayList<>();
    for (Need need : part.drill().serves().keySet()) {
      double strength = Benefit.strength(part, need, request.session());
      int hundredths = (int) Math.round(100 * strength);
      if (hundredths > 0 && needs.containsKey(need)) {
        covers.add(new Offer.Cover(needs.get(need), hundredths));
      }
    }
    covers.sort(Comparator.comparingInt(Offer.Cover::need));
    return covers;
  }

  /** What speaks for or against a drill beside its needs; the index only settles ties. */
  private int bias(Drill drill) {
    int bias = lockedOpen.contains(drill.id()) ? LOCKED_OPEN : -attention();
    if (request.lastTime().contains(drill.id())) {
      bias += request.approach().routine().bias();
    } else if (!request.phase().equals(TrainingPhase.NONE) && !request.lastTime().isEmpty()) {
      bias -= NEWNESS;
    }
    if (isFoot(drill, request)) {
      return bias + HELD_AS_LIKED;
    }
    if (isJointFirst(drill)) {
      return bias + JOINT_FIRST;
    }
    if (isTechnique(drill)) {
      bias += ofTheBalance();
    }
    if (isWhatComesFirst(drill)) {
      bias += OF_THE_SCHOOL;
    }
    if (isWhatTheNeckGets(drill)) {
      bias += OF_THE_SCHOOL;
    }
    boolean isForTightPlaces = drill.favours().stream().anyMatch(this::isTight);
    if (isForTightPlaces && drill.isHeld()) {
      return bias + HELD_AS_LIKED;
    }
    return bias + (isForTightPlaces || isWhatTheNeckGets(drill) ? FAVOUR : 0);
  }

  /** Rolling, for the school that begins with it. */
  private boolean isWhatComesFirst(Drill drill) {
    return drill.block() == WarmUpPart.RELEASE
        && request.approach().first() == Approach.First.ROLLING
        && request.session().kind().isHard();
  }

  private boolean isTechnique(Drill drill) {
    return drill.block() == WarmUpPart.DRILL && request.session().kind().isHard();
  }

  /** What a technique drill counts more for who warms up by them, and less for who has few. */
  private int ofTheBalance() {
    Approach approach = request.approach();
    boolean isTheWarmUpItself =
        approach.first() == Approach.First.DRILLS || approach.balance() == Approach.Balance.DRILLS;
    boolean isForFew = approach.balance() == Approach.Balance.EFFORTS;
    return (isTheWarmUpItself ? OF_THE_SCHOOL : 0) - (isForFew ? OF_THE_SCHOOL : 0);
  }

  /** Where a stretch does good: a stiff region, and what a long drive has shortened. */
  private boolean isTight(BodyRegion region) {
    boolean isShortened =
        request.circumstances().comingFrom() == ComingFrom.LONG_DRIVE
            && SHORTENED_BY_SITTING.contains(region);
    return isShortened || request.athlete().has(region, Restriction.Severity.STIFF);
  }

  /** Who has a school for the neck wants to see it, where the sport asks for the neck at all. */
  private boolean isWhatTheNeckGets(Drill drill) {
    return drill.regions().equals(Set.of(BodyRegion.NECK))
        && request.session().suits(drill) >= SUITS_WELL
        && request.session().kind().isHard();
  }

  /** Where drills are to be fewer, each must be worth more. */
  private int attention() {
    int volume = request.phase().volume();
    return ATTENTION * 100 / volume * 100 / volume;
  }

  /** The usual dose, and when time is short a short one as well, in round figures. */
  private List<Dose> doses(Drill drill, boolean isTimeShort) {
    if (isJointFirst(drill)) {
      return List.of(near(drill, Math.min(EACH_WAY, drill.usual().amount())));
    }
    double amount =
        request.phase().amount(drill.group(), drill.usual().amount()) * shareOfContacts(drill);
    Dose usual = amount == drill.usual().amount() ? drill.usual() : near(drill, amount);
    Dose brief = near(drill, amount * SHORT_DOSE);
    return isTimeShort && !brief.equals(usual) ? List.of(usual, brief) : List.of(usual);
  }

  /** Contacts grow through a block with what is tolerated, so their doses do. */
  private double shareOfContacts(Drill drill) {
    int tolerated = Contacts.tolerated(request.session(), request.athlete());
    boolean isContacts = drill.block() == WarmUpPart.ACTIVATE && drill.contacts() > 0;
    return isContacts && request.phase().contacts() < tolerated
        ? (double) request.phase().contacts() / tolerated
        : 1;
  }

  private static Dose near(Drill drill, double amount) {
    int round = drill.usual().rounded(amount);
    return drill.usual().withAmount(Math.max(drill.least(), Math.min(drill.most(), round)));
  }

  /** The athlete's rung of each ladder, and all that stands on none. */
  public static List<Drill> candidates(DrillLibrary library, PrescriptionRequest request) {
    Map<String, Drill> rungs = new TreeMap<>();
    Map<String, Drill> feet = new TreeMap<>();
    List<Drill> free = new ArrayList<>();
    for (Drill drill : library.drills()) {
      if (!drill.block().isChosen()
          || request.session().suits(drill) == 0
          || request.excluded().contains(drill.id())
          || Eligibility.against(drill, request).isPresent()) {
        continue;
      }
      if (drill.rung().isPresent()) {
        if (isFoot(drill, request)) {
          feet.put(drill.group(), drill);
        }
        rungs.merge(drill.rung().get().ladder(), drill, (a, b) -> step(a) >= step(b) ? a : b);
      } else {
        free.add(drill);
      }
    }
    free.addAll(rungs.values());
    feet.values().removeAll(rungs.values());
    free.addAll(feet.values());
    free.sort(Comparator.comparing(Drill::id));
    return free;
  }

  /** Before barriers the ladder of barriers is climbed from its foot, whoever stands how high. */
  private static boolean isFoot(Drill drill, PrescriptionRequest request) {
    return request.session().climbs(drill) && step(drill) == 1;
  }

  private static int step(Drill drill) {
    return drill.rung().orElseThrow().step();
  }
}
