import { definePreset } from "@primeuix/themes";
import { themeParts } from "./theme-parts.ts";

/** Every colour of the application. Style sheets name them as var(--p-leaf-700) and so on. */
const palettes = {
  linen: {
    50: "#fdfaf4",
    100: "#f8f2e6",
    200: "#efe6d3",
    300: "#e0d3b9",
    400: "#c9b894",
    500: "#a6936d",
    600: "#6f6250",
    700: "#54493b",
    800: "#3a332a",
    900: "#262019",
    950: "#17130e",
  },
  aubergine: {
    50: "#f7f2f8",
    100: "#ece2ee",
    200: "#d5c3da",
    300: "#b497bc",
    400: "#8b6a96",
    500: "#684873",
    600: "#533659",
    700: "#432a49",
    800: "#33203a",
    900: "#26172b",
    950: "#190e1d",
  },
  leaf: {
    50: "#eef6ec",
    100: "#d9ebd4",
    200: "#b5d8ad",
    300: "#8abe7f",
    400: "#5f9e55",
    500: "#42813b",
    600: "#31682d",
    700: "#275424",
    800: "#1f431d",
    900: "#183417",
    950: "#0c1d0b",
  },
  brass: {
    50: "#fbf5e4",
    100: "#f5e7bd",
    200: "#ecd28a",
    300: "#deb755",
    400: "#c99a2e",
    500: "#a67c1d",
    600: "#80600f",
    700: "#66490c",
    800: "#4f390c",
    900: "#3b2b0b",
    950: "#221805",
  },
  tomato: {
    50: "#fdf0ec",
    100: "#fadcd3",
    200: "#f4b9a8",
    300: "#ea8d75",
    400: "#db6548",
    500: "#c4452a",
    600: "#a8331b",
    700: "#8a2817",
    800: "#6e2214",
    900: "#571d13",
    950: "#300d08",
  },
  frost: {
    50: "#edf5fa",
    100: "#d4e7f2",
    200: "#abd0e5",
    300: "#78b2d2",
    400: "#4a91b8",
    500: "#30759c",
    600: "#235e80",
    700: "#1e4d69",
    800: "#1b4057",
    900: "#183548",
    950: "#0e212e",
  },
} as const;

const scale = (name: keyof typeof palettes): Record<number, string> =>
  Object.fromEntries(Object.keys(palettes[name]).map((step) => [step, `{${name}.${step}}`]));

const action = {
  light: {
    color: "{leaf.700}",
    contrastColor: "{linen.50}",
    hoverColor: "{leaf.800}",
    activeColor: "{leaf.900}",
  },
  dark: {
    color: "{leaf.300}",
    contrastColor: "{leaf.950}",
    hoverColor: "{leaf.200}",
    activeColor: "{leaf.100}",
  },
};

export const apronPreset = definePreset(themeParts, {
  primitive: {
    ...palettes,
    borderRadius: { none: "0", xs: "3px", sm: "6px", md: "8px", lg: "12px", xl: "16px" },
  },
  semantic: {
    primary: scale("leaf"),
    focusRing: { width: "3px", style: "solid", color: "{brass.400}", offset: "2px" },
    formField: { paddingX: "0.875rem", paddingY: "0.7rem", borderRadius: "{border.radius.md}" },
    colorScheme: {
      light: {
        primary: action.light,
        surface: { 0: "{linen.50}", ...scale("linen") },
        formField: {
          background: "{linen.50}",
          borderColor: "{linen.500}",
          hoverBorderColor: "{aubergine.500}",
          focusBorderColor: "{leaf.700}",
          color: "{aubergine.900}",
          placeholderColor: "{linen.600}",
          invalidBorderColor: "{tomato.600}",
          invalidPlaceholderColor: "{tomato.700}",
        },
        text: { color: "{aubergine.900}", mutedColor: "{linen.700}", hoverColor: "{aubergine.950}" },
      },
      dark: {
        primary: action.dark,
        surface: { 0: "{linen.50}", ...scale("linen") },
        formField: {
          background: "{aubergine.900}",
          borderColor: "{aubergine.400}",
          color: "{linen.100}",
          placeholderColor: "{aubergine.200}",
          focusBorderColor: "{leaf.300}",
          invalidBorderColor: "{tomato.300}",
        },
        text: { color: "{linen.100}", mutedColor: "{aubergine.200}", hoverColor: "{linen.50}" },
      },
    },
  },
  components: {
    accordion: {
      panel: { borderWidth: "0" },
      header: {
        padding: "0.3rem 0",
        background: "transparent",
        hoverBackground: "transparent",
        activeBackground: "transparent",
        activeHoverBackground: "transparent",
        color: "{primary.color}",
        hoverColor: "{primary.color}",
        activeColor: "{primary.color}",
        activeHoverColor: "{primary.color}",
      },
      content: { padding: "0.3rem 0 0.6rem 0", background: "transparent" },
    },
    datatable: {
      headerCell: { padding: "0.4rem 0.5rem", background: "transparent" },
      bodyCell: { padding: "0.4rem 0.5rem" },
      row: { background: "transparent" },
    },
    tabs: {
      tablist: { background: "transparent" },
      tab: { padding: "0.7rem 1rem", background: "transparent" },
      tabpanel: { background: "transparent", padding: "1rem 0 0 0" },
    },
    togglebutton: {
      root: { padding: "0.25rem", borderRadius: "{border.radius.md}" },
      content: { padding: "0.4rem 0.7rem" },
      colorScheme: {
        light: {
          root: {
            background: "{linen.200}",
            hoverBackground: "{linen.300}",
            checkedBackground: "{aubergine.700}",
            color: "{aubergine.900}",
            hoverColor: "{aubergine.900}",
            checkedColor: "{linen.50}",
            borderColor: "{linen.400}",
            checkedBorderColor: "{aubergine.700}",
          },
          content: { checkedBackground: "{aubergine.700}" },
        },
        dark: {
          root: {
            background: "{aubergine.800}",
            hoverBackground: "{aubergine.700}",
            checkedBackground: "{linen.200}",
            color: "{linen.100}",
            hoverColor: "{linen.50}",
            checkedColor: "{aubergine.900}",
            borderColor: "{aubergine.400}",
            checkedBorderColor: "{linen.200}",
          },
          content: { checkedBackground: "{linen.200}" },
        },
      },
    },
    message: {
      colorScheme: {
        light: { error: { background: "{tomato.50}", borderColor: "{tomato.300}", color: "{tomato.800}" } },
        dark: { error: { background: "{tomato.950}", borderColor: "{tomato.600}", color: "{tomato.200}" } },
      },
    },
    button: {
      root: {
        paddingX: "1.1rem",
        paddingY: "0.7rem",
        borderRadius: "{border.radius.md}",
        label: { fontWeight: "600" },
      },
      colorScheme: {
        light: {
          root: {
            secondary: {
              background: "{linen.50}",
              hoverBackground: "{linen.200}",
              activeBackground: "{linen.300}",
              borderColor: "{linen.500}",
              hoverBorderColor: "{aubergine.500}",
              activeBorderColor: "{aubergine.500}",
              color: "{aubergine.800}",
              hoverColor: "{aubergine.900}",
              activeColor: "{aubergine.900}",
            },
            warn: {
              background: "{brass.600}",
              hoverBackground: "{brass.700}",
              activeBackground: "{brass.800}",
              borderColor: "{brass.600}",
              hoverBorderColor: "{brass.700}",
              activeBorderColor: "{brass.800}",
            },
            danger: {
              background: "{tomato.700}",
              hoverBackground: "{tomato.800}",
              activeBackground: "{tomato.900}",
              borderColor: "{tomato.700}",
              hoverBorderColor: "{tomato.800}",
              activeBorderColor: "{tomato.900}",
            },
          },
          text: {
            danger: {
              color: "{tomato.700}",
              hoverBackground: "{tomato.50}",
              activeBackground: "{tomato.100}",
            },
          },
        },
        dark: {
          root: {
            secondary: {
              background: "{aubergine.800}",
              hoverBackground: "{aubergine.700}",
              activeBackground: "{aubergine.600}",
              borderColor: "{aubergine.400}",
              hoverBorderColor: "{aubergine.300}",
              activeBorderColor: "{aubergine.300}",
              color: "{linen.100}",
              hoverColor: "{linen.50}",
              activeColor: "{linen.50}",
            },
          },
          text: {
            danger: {
              color: "{tomato.300}",
              hoverBackground: "{tomato.950}",
              activeBackground: "{tomato.900}",
            },
          },
        },
      },
    },
  },
});
