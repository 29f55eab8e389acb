// Chakra with our tokens and the few recipes that are used, to keep the first view small.
import {
  createSystem,
  defaultBaseConfig,
  defineConfig,
  defineRecipe,
  defineSlotRecipe,
} from "@chakra-ui/react";
import {
  checkboxAnatomy,
  fieldAnatomy,
  fieldsetAnatomy,
  nativeSelectAnatomy,
  progressAnatomy,
  segmentGroupAnatomy,
  tableAnatomy,
} from "@chakra-ui/react/anatomy";

const button = defineRecipe({
  className: "button",
  base: {
    display: "inline-flex",
    alignItems: "center",
    justifyContent: "center",
    gap: "1.5",
    borderRadius: "4px",
    borderWidth: "1px",
    borderStyle: "solid",
    fontWeight: 600,
    lineHeight: 1.2,
    cursor: "pointer",
    whiteSpace: "nowrap",
    _disabled: { opacity: 0.45, cursor: "default" },
  },
  variants: {
    variant: {
      solid: {
        bg: "ink",
        color: "paper",
        borderColor: "ink",
        _hover: { bg: "inkSoft", _disabled: { bg: "ink" } },
      },
      outline: {
        bg: "paperRaised",
        color: "ink",
        borderColor: "ruleStrong",
        _hover: { bg: "paperSunk" },
      },
      ghost: {
        bg: "transparent",
        color: "ink",
        borderColor: "transparent",
        _hover: { bg: "paperSunk" },
      },
    },
    size: {
      sm: { minH: "30px", px: "2.5", fontSize: "sm" },
      md: { minH: "38px", px: "4", fontSize: "md" },
    },
  },
  defaultVariants: { variant: "outline", size: "sm" },
});

/** Whatever is written into. */
const written = {
  width: "100%",
  border: "1px solid var(--rule-strong)",
  borderRadius: "4px",
  bg: "paperRaised",
  color: "ink",
  fontSize: "md",
  _invalid: { borderColor: "caution" },
};

const input = defineRecipe({
  className: "input",
  base: { ...written, minH: "34px", px: "2" },
});

const textarea = defineRecipe({
  className: "textarea",
  base: { ...written, p: "2", fontSize: "sm", lineHeight: 1.35 },
});

const field = defineSlotRecipe({
  className: "field",
  slots: fieldAnatomy.keys(),
  base: {
    root: { minW: "0", width: "100%" },
    label: { display: "block", color: "inkSoft", fontSize: "xs", fontWeight: 600 },
    errorText: { color: "caution", fontSize: "xs" },
  },
});

const fieldset = defineSlotRecipe({
  className: "fieldset",
  slots: fieldsetAnatomy.keys(),
  base: {
    root: { minW: "0", width: "100%" },
    legend: { fontSize: "sm", fontWeight: 600, mb: "1" },
    content: { display: "flex", flexWrap: "wrap", alignItems: "flex-end", gap: "1.5" },
  },
});

const table = defineSlotRecipe({
  className: "table",
  slots: tableAnatomy.keys(),
  base: {
    root: { fontSize: "sm", textAlign: "start" },
    columnHeader: { py: "0.5", pe: "3", textAlign: "start", verticalAlign: "top" },
    cell: { py: "0.5", pe: "3", textAlign: "start", verticalAlign: "top" },
  },
  variants: {
    variant: {
      plain: {},
      line: {
        columnHeader: { borderBottom: "1px solid var(--rule)" },
        cell: { borderBottom: "1px solid var(--rule)" },
      },
    },
  },
  defaultVariants: { variant: "plain" },
});

const nativeSelect = defineSlotRecipe({
  className: "native-select",
  slots: nativeSelectAnatomy.keys(),
  base: {
    root: { position: "relative", width: "100%", height: "fit-content" },
    field: { ...written, minH: "34px", ps: "2", pe: "6", appearance: "none", truncate: true },
    indicator: {
      position: "absolute",
      display: "inline-flex",
      alignItems: "center",
      insetEnd: "1.5",
      top: "50%",
      transform: "translateY(-50%)",
      pointerEvents: "none",
      color: "inkSoft",
      "& svg": { width: "1em", height: "1em" },
    },
  },
});

const checkbox = defineSlotRecipe({
  className: "checkbox",
  slots: checkboxAnatomy.keys(),
  base: {
    root: {
      position: "relative",
      display: "inline-flex",
      alignItems: "center",
      gap: "1.5",
      minH: "28px",
      px: "2",
      border: "1px solid var(--rule)",
      borderRadius: "4px",
      cursor: "pointer",
      _checked: { borderColor: "ink", bg: "paperRaised" },
      "&:has(:focus-visible)": { outline: "2px solid var(--focus)", outlineOffset: "2px" },
    },
    control: {
      display: "inline-flex",
      flexShrink: 0,
      width: "14px",
      height: "14px",
      border: "1px solid var(--rule-strong)",
      borderRadius: "2px",
      color: "paper",
      _checked: { bg: "ink", borderColor: "ink" },
      "& svg": { width: "100%", height: "100%" },
    },
    label: { fontSize: "sm" },
  },
});

const progress = defineSlotRecipe({
  className: "progress",
  slots: progressAnatomy.keys(),
  base: {
    root: { width: "100%", position: "relative" },
    track: { height: "8px", bg: "paperSunk", borderRadius: "4px", overflow: "hidden" },
    range: { height: "100%", bg: "ink", transitionProperty: "width" },
  },
});

const segmentGroup = defineSlotRecipe({
  className: "segment-group",
  slots: segmentGroupAnatomy.keys(),
  base: {
    root: { display: "flex", flexWrap: "wrap", alignItems: "center", gap: "1", fontSize: "sm" },
    item: {
      position: "relative",
      display: "inline-flex",
      alignItems: "center",
      minH: "30px",
      px: "2",
      borderRadius: "4px",
      fontWeight: 600,
      cursor: "pointer",
      _hover: { bg: "paperSunk" },
      _checked: { bg: "ink", color: "paper" },
      "&:has(:focus-visible)": { outline: "2px solid var(--focus)", outlineOffset: "2px" },
    },
  },
});

export const system = createSystem(
  defaultBaseConfig,
  defineConfig({
    preflight: true,
    theme: {
      breakpoints: { sm: "480px", md: "768px", lg: "1024px", xl: "1280px" },
      tokens: {
        fonts: {
          body: { value: "var(--text)" },
          heading: { value: "var(--display)" },
        },
        fontSizes: {
          xs: { value: "0.78rem" },
          sm: { value: "0.89rem" },
          md: { value: "1rem" },
          lg: { value: "1.15rem" },
          xl: { value: "1.45rem" },
          "2xl": { value: "1.9rem" },
          "4xl": { value: "3rem" },
        },
        spacing: {
          "0.5": { value: "2px" },
          "1": { value: "4px" },
          "1.5": { value: "6px" },
          "2": { value: "8px" },
          "2.5": { value: "10px" },
          "3": { value: "12px" },
          "4": { value: "16px" },
          "5": { value: "20px" },
          "6": { value: "24px" },
          "8": { value: "32px" },
          "10": { value: "40px" },
        },
        colors: {
          paper: { value: "var(--paper)" },
          paperRaised: { value: "var(--paper-raised)" },
          paperSunk: { value: "var(--paper-sunk)" },
          ink: { value: "var(--ink)" },
          inkSoft: { value: "var(--ink-soft)" },
          rule: { value: "var(--rule)" },
          ruleStrong: { value: "var(--rule-strong)" },
          caution: { value: "var(--caution)" },
        },
      },
      recipes: { button, input, textarea },
      slotRecipes: { checkbox, field, fieldset, nativeSelect, progress, segmentGroup, table },
    },
    globalCss: {
      "html, body": { bg: "paper", color: "ink", fontFamily: "body", lineHeight: 1.4 },
      // The display face is for words; figures are set in the text face, which aligns them.
      "h1, h2, h3": {
        fontFamily: "heading",
        fontVariantNumeric: "lining-nums proportional-nums",
        fontWeight: 600,
        lineHeight: 1.15,
      },
    },
  }),
);
