package dev.jubilee.core.plan;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;

/** One drill in one dose, as far as what it is worth goes. */
public record DosedDrill(Drill drill, Dose dose) {}
