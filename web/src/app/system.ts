// Chakra with our tokens and the few recipes that are used, to keep the first view small.
import { createSystem, defaultBaseConfig, defineConfig, defineRecipe } from "@chakra-ui/react";

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
      recipes: { button },
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
