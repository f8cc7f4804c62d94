import "@fontsource-variable/fraunces";
import "@fontsource-variable/inter";
import { PiniaColada } from "@pinia/colada";
import { createPinia } from "pinia";
import PrimeVue from "primevue/config";
import ToastService from "primevue/toastservice";
import { createApp } from "vue";
import "./app.css";
import App from "./App.vue";
import { whenSessionExpires } from "./api.ts";
import { router } from "./router.ts";
import { useSession } from "./session.ts";
import { apronPreset } from "./theme.ts";

const app = createApp(App);
app.use(createPinia());
app.use(PiniaColada, {});
app.use(router);
app.use(PrimeVue, {
  theme: { preset: apronPreset, options: { darkModeSelector: ".evening", cssLayer: false } },
});
app.use(ToastService);

whenSessionExpires(() => {
  useSession().closed();
});

app.mount("#app");
