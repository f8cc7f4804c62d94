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
import { router } from "./router.ts";
import { apronPreset } from "./theme.ts";

// The page may not make code of text (its security policy): schemas are walked, not compiled.
config({ jitless: true });

const app = createApp(App);
app.use(createPinia());
// Another tablet's entries are asked for by the shell; looking at the tab again need not.
app.use(PiniaColada, {});
app.use(router);
app.use(PrimeVue, {
  theme: { preset: apronPreset, options: { darkModeSelector: ".evening", cssLayer: false } },
});
app.use(ToastService);
app.use(ConfirmationService);

whenSessionExpires(() => {
  useSession().closed();
});

app.mount("#app");
