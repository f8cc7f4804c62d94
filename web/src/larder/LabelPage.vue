<script setup lang="ts">
import { showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { toDataURL } from "qrcode";
import { computed, ref, watchEffect } from "vue";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import CautionList from "../ui/CautionList.vue";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import { showDay } from "../ui/dates.ts";
import { counted } from "../ui/plural.ts";
import PageHead from "../ui/PageHead.vue";

const props = defineProps<{ id: string }>();
const session = useSession();
const { data: label, error } = useQuery({
  key: () => ["label", props.id],
  query: () => call("getLabel", { params: { id: props.id } }),
});
const sizes = [
  { value: "jar", label: "Jar, 70 × 38 mm" },
  { value: "lid", label: "Lid, 50 × 30 mm" },
  { value: "tub", label: "Tub, 90 × 50 mm" },
] as const;
const size = ref<(typeof sizes)[number]["value"]>("jar");
const qr = ref("");
watchEffect(async () => {
  qr.value = await toDataURL(`${window.location.origin}/label/${props.id}`, {
    margin: 0,
    errorCorrectionLevel: "M",
    width: 256,
  });
});
/** "12 ice cubes, 240 g": one label is for all of a bag. */
const contents = computed(() => {
  if (!label.value) return "";
  const { together, container } = label.value;
  const grams = showGrams(together.grams, session.display);
  return together.count > 1 ? `${counted(together.count, container.containerName)}, ${grams}` : grams;
});
const print = (): void => window.print();
</script>

<template>
  <div class="screen-only">
    <PageHead title="Label" :lead="label ? `${label.container.name}, ${label.container.containerName}` : ''">
      <ChoiceButtons v-model="size" label="Label size" :choices="sizes" />
      <Button label="Print" @click="print" />
    </PageHead>
    <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  </div>
  <div v-if="label" class="sheet">
    <article class="label" :class="size" aria-label="Label to print" data-testid="label-sheet">
      <h2>{{ label.container.name }}</h2>
      <p class="use-by">
        Use by <b>{{ showDay(label.container.useBy) }}</b>
      </p>
      <p class="contains">Contains: {{ label.allergens.join(", ") || "none of the named allergens" }}</p>
      <p class="fine">
        made {{ showDay(label.container.madeOn) }} · {{ contents }} · {{ label.container.place
        }}<template v-if="label.container.thawDays !== null"
          >; thawed in the fridge:
          {{ label.container.thawDays === 0 ? "the same day" : `${label.container.thawDays} days` }}</template
        >
      </p>
      <p class="fine ingredients">{{ label.ingredients.join(", ") }}</p>
      <img v-if="qr" :src="qr" alt="" />
    </article>
  </div>
  <section v-if="label" class="screen-only notes card">
    <h2>Why this date</h2>
    <p>
      {{ label.container.reason }} <span class="soft">({{ label.container.source }})</span>
    </p>
    <p v-if="label.mustNever">{{ label.mustNever }}</p>
    <CautionList :cautions="label.cautions" printed />
    <p class="soft small">
      Planning to sell it? Local food law and a licensed process authority decide, not this program.
    </p>
  </section>
</template>

<style scoped>
.label {
  position: relative;
  width: 70mm;
  height: 38mm;
  padding: 2.5mm 20mm 2mm 3mm;
  overflow: hidden;
  font-size: 7.2pt;
  line-height: 1.2;
  color: black;
  background: white;
  border: 0.3mm solid black;
  border-radius: 1.5mm;
}

.lid {
  width: 50mm;
  height: 30mm;
  padding-inline-end: 16mm;
  font-size: 6.6pt;
}

.tub {
  width: 90mm;
  height: 50mm;
  padding-inline-end: 27mm;
  font-size: 9pt;
}

.label h2 {
  font-size: 1.45em;
  line-height: 1.1;
}

.use-by {
  font-size: 1.35em;
}

.use-by b {
  font-size: 1.25em;
}

.contains {
  font-weight: 700;
}

.ingredients {
  font-size: 0.9em;
}

.lid .ingredients {
  display: none;
}

.label img {
  position: absolute;
  right: 2.5mm;
  bottom: 2.5mm;
  width: 15mm;
}

.lid img {
  width: 12mm;
}

.tub img {
  width: 22mm;
}

.notes {
  display: grid;
  gap: 0.6rem;
  max-width: 46rem;
  margin-top: 1.4rem;
}

@media screen {
  .sheet {
    padding: 1.4rem;
    background: var(--sunk);
    border-radius: var(--radius);
  }

  .label {
    zoom: 1.6;
  }
}

@media screen and (max-width: 820px) {
  .sheet {
    padding: 0.4rem;
    overflow-x: auto;
  }

  .label {
    zoom: 1;
  }
}

@media print {
  .screen-only {
    display: none;
  }
}
</style>
