<script setup lang="ts">
import { showGrams } from "@apron/core/measure";
import { mostOtherWays, readStep, stepOf, stepTools } from "@apron/core/recipes";
import Button from "primevue/button";
import Checkbox from "primevue/checkbox";
import Textarea from "primevue/textarea";
import { computed } from "vue";
import { useSession } from "../client/session.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import FoldOut from "../ui/FoldOut.vue";
import NumberBox from "../ui/NumberBox.vue";
import SelectField from "../ui/SelectField.vue";
import TextBox from "../ui/TextBox.vue";
import { stepMarks, toolWords } from "./kind-words.ts";
import type { StepDraft } from "./use-recipe-draft.ts";

/** One step: its words, and beside them what they say of time, heat and tools. */
const props = defineProps<{ id: string; number: number }>();
const step = defineModel<StepDraft>({ required: true });
const emit = defineEmits<{ remove: [] }>();

/** New words are read anew; what was set by hand and the words do not speak of stays. */
function reread(): void {
  const read = readStep(step.value.text);
  for (const [key, value] of Object.entries(read))
    if (value !== null && value !== "" && value !== false) Object.assign(step.value, { [key]: value });
}
const tools = [
  { value: "none", label: "no tool" },
  ...stepTools.map((value) => ({ value: value as string, label: toolWords[value] })),
];
const tool = computed({
  get: () => step.value.tool ?? "none",
  set: (value: string) => {
    step.value.tool = stepTools.find((one) => one === value) ?? null;
  },
});
/** Another way is read from its words, like a step of its own. */
function setWay(at: number, text: string): void {
  const { otherWays: _, ...way } = readStep(text);
  step.value.otherWays = (step.value.otherWays ?? []).with(at, way);
}
const addWay = (): void => {
  step.value.otherWays = [...(step.value.otherWays ?? []), stepOf("")];
};
const removeWay = (at: number): void => {
  step.value.otherWays = step.value.otherWays?.filter((_, i) => i !== at);
};
const session = useSession();
const marksOf = (way: StepDraft): string => stepMarks(way, (g) => showGrams(g, session.display)).join(" · ");

/** The two ends of a span, either of which may be typed first. */
const low = computed({
  get: () => step.value.passiveMin?.low ?? null,
  set: (value) => {
    const high = Math.max(step.value.passiveMin?.high ?? 0, value ?? 0);
    step.value.passiveMin = value === null ? null : { low: value, high };
  },
});
const high = computed({
  get: () => step.value.passiveMin?.high ?? null,
  set: (value) => {
    const least = Math.min(step.value.passiveMin?.low ?? value ?? 0, value ?? 0);
    step.value.passiveMin = value === null ? null : { low: least, high: value };
  },
});
const wait = computed({
  get: () => step.value.wait?.leastMin ?? null,
  set: (value) => {
    step.value.wait = value === null ? null : { leastMin: value, mostMin: step.value.wait?.mostMin ?? null };
  },
});
const waitMost = computed({
  get: () => step.value.wait?.mostMin ?? null,
  set: (value) => {
    step.value.wait = { leastMin: step.value.wait?.leastMin ?? 0, mostMin: value };
  },
});
const load = computed({
  get: () => step.value.load?.mostG ?? null,
  set: (value) => {
    step.value.load =
      value === null || value <= 0 ? null : { leastG: step.value.load?.leastG ?? 0, mostG: value };
  },
});
const loadLeast = computed({
  get: () => step.value.load?.leastG ?? null,
  set: (value) => {
    if (step.value.load) step.value.load.leastG = value ?? 0;
  },
});
</script>

<template>
  <fieldset class="step" :aria-label="`Step ${number}`">
    <div class="main">
      <FieldFrame :label="`Step ${number}`" :for="`${props.id}-text`">
        <Textarea :id="`${id}-text`" v-model="step.text" rows="2" auto-resize fluid @change="reread" />
      </FieldFrame>
      <Button
        label="Remove"
        severity="secondary"
        :aria-label="`Remove step ${number}`"
        @click="emit('remove')"
      />
    </div>
    <FoldOut title="Time, temperature and tools" quiet>
      <div class="more">
        <SelectField :id="`${id}-tool`" v-model="tool" label="Tool" :choices="tools" />
        <NumberBox :id="`${id}-celsius`" v-model="step.celsius" label="°C" />
        <NumberBox :id="`${id}-tray`" v-model="step.trayShare" label="Share of a tray, %" :factor="0.01" />
        <NumberBox :id="`${id}-warm`" v-model="step.warmUpMin" label="Heat up, min" />
        <NumberBox :id="`${id}-active`" v-model="step.activeMin" label="Hands-on, min" />
        <NumberBox :id="`${id}-low`" v-model="low" label="Time from, min" />
        <NumberBox :id="`${id}-high`" v-model="high" label="Time to, min" />
        <NumberBox :id="`${id}-check`" v-model="step.checkEveryMin" label="Check every, min" />
        <NumberBox :id="`${id}-wait`" v-model="wait" label="Wait at least, min" />
        <NumberBox :id="`${id}-wait-most`" v-model="waitMost" label="Wait at most, min" />
        <NumberBox :id="`${id}-load-least`" v-model="loadLeast" label="Load from, g" />
        <NumberBox :id="`${id}-load`" v-model="load" label="Load to, g" />
        <FieldFrame label="Done when" :for="`${id}-done`" class="wide">
          <TextBox :id="`${id}-done`" v-model="step.doneWhen" />
        </FieldFrame>
        <label
          ><Checkbox v-model="step.setAside" binary :input-id="`${id}-aside`" /> set a plain portion aside
          first</label
        >
        <label
          ><Checkbox v-model="step.tasteCold" binary :input-id="`${id}-cold`" /> taste again when cold</label
        >
      </div>
    </FoldOut>
    <div v-for="(way, i) in step.otherWays ?? []" :key="i" class="main way">
      <FieldFrame :label="`Step ${number}, another way`" :for="`${id}-way-${i}`" :hint="marksOf(way)">
        <Textarea
          :id="`${id}-way-${i}`"
          :model-value="way.text"
          rows="1"
          auto-resize
          fluid
          placeholder="Char over a flame for 10 minutes."
          @change="setWay(i, ($event.target as HTMLTextAreaElement).value)"
        />
      </FieldFrame>
      <Button
        label="Remove"
        severity="secondary"
        :aria-label="`Remove another way of step ${number}`"
        @click="removeWay(i)"
      />
    </div>
    <Button
      v-if="(step.otherWays ?? []).length < mostOtherWays"
      text
      size="small"
      class="add"
      label="Another way to do it"
      data-testid="add-way"
      @click="addWay"
    />
  </fieldset>
</template>

<style scoped>
.step {
  min-width: 0;
  margin: 0;
  padding: 0.6rem 0;
  border: 0;
  border-bottom: 1px solid var(--line);
}

.main {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0.6rem;
  align-items: end;
}

.add {
  padding-inline: 0;
}

.way {
  margin: 0.4rem 0 0 1.2rem;
}

.more {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(8.5rem, 1fr));
  gap: 0.6rem;
  align-items: end;
  padding: 0.5rem 0;
}

.wide {
  grid-column: span 2;
}

label {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 44px;
}
</style>
