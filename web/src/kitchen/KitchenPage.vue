<script setup lang="ts">
import type { RequestOf, Session } from "@apron/contract";
import { nameOf } from "@apron/core/catalogue";
import { showEstimate, showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, reactive } from "vue";
import { call } from "../app/api.ts";
import { useNotices } from "../app/notices.ts";
import { useIngredients } from "../app/queries.ts";
import { useSession } from "../app/session.ts";
import { useSubmit } from "../app/use-submit.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import { showDay, todayIso } from "../ui/dates.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import { showMoney } from "../ui/money.ts";
import PageHead from "../ui/PageHead.vue";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";

/** How this kitchen measures, names and writes things. */
const session = useSession();
const notices = useNotices();
const { data: ingredients } = useIngredients();
type Settings = Required<RequestOf<"changeKitchen">["body"]>;
const now = session.session?.kitchen;
const draft = reactive<Settings>({
  name: now?.name ?? "",
  dialect: now?.dialect ?? "uk",
  units: now?.units ?? "metric",
  cup: now?.cup ?? "us-customary",
  currency: now?.currency ?? "GBP",
  locale: now?.locale ?? "en-GB",
});
const units = [
  { value: "metric", label: "Grams" },
  { value: "us", label: "Ounces and pounds" },
  { value: "both", label: "Both" },
] as const;
const dialects = [
  { value: "uk", label: "courgette, rocket" },
  { value: "us", label: "zucchini, arugula" },
] as const;
const cups = [
  { value: "us-customary", label: "US customary, 236.6 ml" },
  { value: "us-label", label: "US label, 240 ml" },
  { value: "metric", label: "Metric, 250 ml" },
] as const;
const locales = ["en-GB", "en-US", "en-IE", "de-DE", "fr-FR", "it-IT", "es-ES", "nl-NL", "sv-SE", "pl-PL"];
const localeChoices = computed(() => {
  const spoken = new Intl.DisplayNames([session.display.locale], { type: "language" });
  return [...new Set([draft.locale, ...locales])].map((value) => ({
    value,
    label: spoken.of(value) ?? value,
  }));
});
const submission = useSubmit<Session>(["name", "currency", "locale"]);
async function keep(): Promise<void> {
  const changed = await submission.submit((key) => call("changeKitchen", { body: { ...draft } }, key));
  if (!changed) return;
  session.opened(changed);
  notices.say({ text: "The kitchen counts and writes that way from now on." });
}

const ounces = computed(() =>
  Object.entries(session.ounces).map(([id, means]) => {
    const found = ingredients.value?.find((one) => one.id === id);
    return { id, means, name: found ? nameOf(found, session.dialect) : id };
  }),
);
const meanings = [
  { value: "mass", label: "by weight" },
  { value: "fluid", label: "fluid" },
] as const;
const ounce = useSubmit<Session>();
async function say(ingredient: string, means: "mass" | "fluid"): Promise<void> {
  const changed = await ounce.submit((key) => call("setOunceMeaning", { body: { ingredient, means } }, key));
  if (changed) session.opened(changed);
}
const example = computed(() => {
  const grams = showGrams(1240, session.display);
  const range = showEstimate({ value: 610, low: 560, high: 660 }, session.display);
  return `${grams} · ${range} · ${showMoney(240, session.currency)} · ${showDay(todayIso())}`;
});
</script>

<template>
  <PageHead title="Kitchen" lead="How this kitchen measures, names and writes things." />
  <div class="columns">
    <form class="card" novalidate aria-label="Kitchen" @submit.prevent="keep" @input="submission.forget">
      <FieldFrame label="Name" for="kitchen-name" :problem="submission.sentenceAt('name')">
        <TextBox id="kitchen-name" v-model="draft.name" maxlength="80" autocomplete="off" />
      </FieldFrame>
      <div>
        <p class="label">Weights are shown in</p>
        <ChoiceButtons v-model="draft.units" label="Weights are shown in" :choices="units" />
      </div>
      <div>
        <p class="label">Names</p>
        <ChoiceButtons v-model="draft.dialect" label="Names" :choices="dialects" />
      </div>
      <div>
        <p class="label">A cup is</p>
        <ChoiceButtons v-model="draft.cup" label="A cup is" :choices="cups" />
      </div>
      <div class="pair">
        <FieldFrame
          label="Numbers and dates as in"
          for="kitchen-locale"
          :problem="submission.sentenceAt('locale')"
        >
          <SelectBox
            id="kitchen-locale"
            v-model="draft.locale"
            :choices="localeChoices"
            name="Numbers and dates as in"
          />
        </FieldFrame>
        <FieldFrame label="Currency" for="kitchen-currency" :problem="submission.sentenceAt('currency')">
          <TextBox id="kitchen-currency" v-model="draft.currency" maxlength="3" autocomplete="off" />
        </FieldFrame>
      </div>
      <p v-if="submission.sentence.value" role="alert" class="wrong">{{ submission.sentence.value }}</p>
      <Button type="submit" label="Keep it so" :loading="submission.pending.value" />
    </form>
    <div class="side">
      <section class="card" aria-labelledby="kitchen-example">
        <h2 id="kitchen-example">It looks like this</h2>
        <p class="figure" data-testid="kitchen-example">{{ example }}</p>
      </section>
      <section class="card" aria-labelledby="kitchen-ounces">
        <h2 id="kitchen-ounces">What “oz” means here</h2>
        <p v-if="ounces.length === 0" class="soft">
          Asked once for each liquid or paste that is given in ounces, and remembered here.
        </p>
        <ul>
          <li v-for="one in ounces" :key="one.id">
            <span class="name">{{ one.name }}</span>
            <ChoiceButtons
              :model-value="one.means"
              :label="`Ounces of ${one.name}`"
              :choices="meanings"
              @update:model-value="say(one.id, $event)"
            />
          </li>
        </ul>
        <p v-if="ounce.sentence.value" role="alert" class="wrong">{{ ounce.sentence.value }}</p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
  gap: 1.4rem;
  align-items: start;
}

form,
.side,
.side section {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 1rem;
}

.pair {
  display: grid;
  grid-template-columns: 1fr 8rem;
  gap: 0.8rem;
}

form :deep(.p-inputtext),
form :deep(.p-select) {
  width: 100%;
}

form > :deep(.p-button) {
  justify-self: start;
}

.label {
  margin-bottom: 0.3rem;
  font-size: 0.875rem;
  font-weight: 600;
}

li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0.4rem 1rem;
  align-items: center;
  padding: 0.3rem 0;
}

.wrong {
  font-weight: 600;
  color: var(--now);
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
