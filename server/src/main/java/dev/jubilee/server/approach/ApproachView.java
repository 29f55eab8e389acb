package dev.jubilee.server.approach;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.approach.Approach.Balance;
import dev.jubilee.core.approach.Approach.Changing;
import dev.jubilee.core.approach.Approach.First;
import dev.jubilee.core.approach.Approach.Holds;
import dev.jubilee.core.approach.Approach.Neck;
import dev.jubilee.core.approach.Approach.Routine;
import dev.jubilee.core.approach.Approach.Support;
import dev.jubilee.core.approach.Approach.Top;
import dev.jubilee.core.approach.ApproachBuilder;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;

/** How a coach likes a warm-up; see {@link Approach}. */
@Schema(name = "Approach")
public record ApproachView(
    @NotNull First first,
    @NotNull Holds holds,
    @NotNull Neck neck,
    @NotNull Balance balance,
    @NotNull Top top,
    @NotNull Routine routine,
    @NotNull Support support,
    @NotNull Changing changing) {

  public static ApproachView of(Approach a) {
    return new ApproachView(
        a.first(),
        a.holds(),
        a.neck(),
        a.balance(),
        a.top(),
        a.routine(),
        a.support(),
        a.changing());
  }

  public Approach toCore() {
    return ApproachBuilder.builder()
        .first(first)
        .holds(holds)
        .neck(neck)
        .balance(balance)
        .top(top)
        .routine(routine)
        .support(support)
        .changing(changing)
        .build();
  }
}
