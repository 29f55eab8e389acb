import { measures, setMeasures } from "./measures";

/** Paces per km and 100 m, or per mile and 100 yd. */
export function MeasuresSwitch() {
  const isMetric = measures() === "METRIC";
  return (
    <button
      type="button"
      title={isMetric ? "Show paces per mile and 100 yd" : "Show paces per km and 100 m"}
      style={{
        // The same words on both pages, whatever their buttons look like.
        background: "none",
        border: "none",
        padding: "4px",
        color: "inherit",
        cursor: "pointer",
        fontSize: "0.89rem",
      }}
      onClick={() => setMeasures(isMetric ? "MILES" : "METRIC")}
    >
      {isMetric ? "km · m" : "miles · yd"}
    </button>
  );
}
