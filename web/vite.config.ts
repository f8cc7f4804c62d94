import vue from "@vitejs/plugin-vue";
import { defineConfig } from "vite";

export default defineConfig({
  // White space between pieces of a sentence is part of the sentence, for the eye and for screen readers.
  plugins: [vue({ template: { compilerOptions: { whitespace: "preserve" } } })],
  resolve: { alias: { "primevue/ripple": new URL("./src/ui/no-ripple.ts", import.meta.url).pathname } },
  server: { proxy: { "/api": process.env["APRON_API"] ?? "http://127.0.0.1:4310" } },
  build: { target: "es2022", sourcemap: true, chunkSizeWarningLimit: 700 },
  worker: { format: "es" },
});
