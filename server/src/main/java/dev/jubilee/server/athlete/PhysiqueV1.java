package dev.jubilee.server.athlete;

import dev.jubilee.core.athlete.Physique;
import dev.jubilee.core.athlete.PhysiqueBuilder;
import java.util.Optional;

/** What earlier warm-ups had shown of a body, as it is stored; see {@link Physique}. */
public record PhysiqueV1(
    double warming,
    double spread,
    double heartLag,
    double heartLevel,
    int moments,
    int sooner,
    int jacketOff) {

  /** Nothing is stored of the usual body. */
  public static Optional<PhysiqueV1> of(Physique p) {
    return p.equals(Physique.USUAL)
        ? Optional.empty()
        : Optional.of(
            new PhysiqueV1(
                p.warming(),
                p.spread(),
                p.heartLag(),
                p.heartLevel(),
                p.moments(),
                p.sooner(),
                p.jacketOff()));
  }

  /** As core knows it. */
  public Physique toCore() {
    return PhysiqueBuilder.builder()
        .warming(warming)
        .spread(spread)
        .heartLag(heartLag)
        .heartLevel(heartLevel)
        .moments(moments)
        .sooner(sooner)
        .jacketOff(jacketOff)
        .build();
  }
}
