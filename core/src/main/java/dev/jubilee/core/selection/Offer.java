package dev.jubilee.core.selection;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A drill in one dose, as far as choosing goes.
 *
 * @param id of the drill and dose
 * @param group at most one offer of a group is chosen: doses of a drill, rungs of a ladder, drills
 *     that do the same
 * @param block index into {@link Menu#blocks()}
 * @param setup index of what it needs the body and the kit to be like, 0 to 15
 * @param seconds it takes, hearing what comes included, above 0
 * @param contacts ground contacts, 0 or more
 * @param covers which needs it serves
 * @param bias points for or against it whatever the needs: attention it costs, habit, taste
 * @param counted whether it is one of the drills of which there may be only so many
 * @param required whether the coach has already chosen it
 */
@RecordBuilder
public record Offer(
    String id,
    String group,
    int block,
    int setup,
    int seconds,
    int contacts,
    List<Cover> covers,
    int bias,
    boolean counted,
    boolean required) {
  /** Set-ups are numbered from 0 to below this. */
  public static final int SETUPS = 16;

  public Offer {
    covers = List.copyOf(covers);
    if (seconds <= 0 || contacts < 0 || setup < 0 || setup >= SETUPS) {
      throw new IllegalArgumentException("offer outside its documented range: " + id);
    }
  }

  /**
   * How strongly it serves one need.
   *
   * @param need index into {@link Menu#weights()}
   * @param hundredths of the unit of strength, above 0
   */
  public record Cover(int need, int hundredths) {}
}
