package dev.jubilee.core.demand;

import dev.jubilee.core.drill.Need;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.sport.BodyRegion;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A demand in the making. Lengths are seconds and not yet whole, so that the order of the
 * adjustments costs nothing by rounding.
 *
 * @param firstEffort how hard the session begins
 * @param buildTop where the build must end; rest when no build is wanted
 * @param raise s
 * @param mobilise s
 * @param activate s
 * @param drill s
 * @param efforts graded efforts
 * @param effortSeconds of each, 0 where the sport's usual ones do
 * @param restSeconds between two, 0 where the usual rest does
 * @param priming s of heavy work at the end of the raise, 0 where none is wanted
 * @param transition s
 * @param needs weights above 0
 * @param contacts ground contacts tolerated
 * @param warmth °C above rest
 * @param why a sentence for each adjustment that a coach should hear of
 * @param forRegions why some regions are to get more
 */
@RecordBuilder
record DemandDraft(
    Effort firstEffort,
    Effort buildTop,
    double raise,
    double mobilise,
    double activate,
    double drill,
    int efforts,
    int effortSeconds,
    int restSeconds,
    int priming,
    int transition,
    Map<Need, Double> needs,
    int contacts,
    double warmth,
    List<String> why,
    List<RegionReason> forRegions)
    implements DemandDraftBuilder.With {

  DemandDraft because(String sentence) {
    List<String> all = new ArrayList<>(why);
    all.add(sentence);
    return withWhy(all);
  }

  /** With more for some regions, of which it is said where the plan has it. */
  DemandDraft because(String from, BodyRegion... regions) {
    List<RegionReason> all = new ArrayList<>(forRegions);
    all.add(new RegionReason(from, List.of(regions)));
    return withForRegions(all);
  }

  DemandDraft needing(Need need, double more) {
    Map<Need, Double> all = new LinkedHashMap<>(needs);
    all.merge(need, more, Double::sum);
    return withNeeds(all);
  }

  boolean hasBuild() {
    return buildTop.points() > 0;
  }

  /** With a build that goes no higher. */
  DemandDraft cappedAt(Effort cap) {
    return buildTop.isAbove(cap) ? withBuildTop(cap) : this;
  }
}
