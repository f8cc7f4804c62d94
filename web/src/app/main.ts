import "@fontsource-variable/fraunces";
import "@fontsource-variable/inter";
import { PiniaColada } from "@pinia/colada";
import { createPinia } from "pinia";
import PrimeVue from "primevue/config";
import ConfirmationService from "primevue/confirmationservice";
import ToastService from "primevue/toastservice";
import { createApp } from "vue";
import { config } from "zod/v4/core";
import "./app.css";
import App from "./App.vue";
import { whenSessionExpires } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { nextTask } from "../ui/next-task.ts";
import { router } from "./router.ts";
import { apronPreset } from "./theme.ts";

// The page may not make code of text (its security policy): schemas are walked, not compiled.
config({ jitless: true });

const theme = { preset: apronPreset, options: { darkModeSelector: ".evening", cssLayer: false } };

/** Opens the application: what it is made of, the theme's styles and the page each have their own turn, so a finger may come between. */
async function openApplication(): Promise<void> {
  const app = createApp(App);
  app.use(createPinia());
  // Another tablet's entries are asked for by the shell; looking at the tab again need not.
  app.use(PiniaColada, {});
  app.use(router);
  whenSessionExpires(() => {
    useSession().closed();
  });
  await nextTask();
  app.use(PrimeVue, { theme });
  app.use(ToastService);
  app.use(ConfirmationService);
  await nextTask();
  app.mount("#app");
}

void openApplication();
