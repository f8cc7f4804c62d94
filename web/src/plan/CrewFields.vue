<script setup lang="ts">
import { skills, type Skill } from "@apron/core/plan";
import Checkbox from "primevue/checkbox";
import TextBox from "../ui/TextBox.vue";
import type { PlanForm } from "./plan-form.ts";
import { skillWords } from "./plan-words.ts";

/** Who the cooks are, and what each of them does: what nobody unticks is done by whoever is free. */
const crew = defineModel<NonNullable<PlanForm["crew"]>>({ required: true });
const does = (at: number, skill: Skill): boolean => !crew.value[at]?.leaves.includes(skill);
function change(at: number, more: Partial<(typeof crew.value)[number]>): void {
  crew.value = crew.value.map((cook, i) => (i === at ? { ...cook, ...more } : cook));
}
function setDoes(at: number, skill: Skill, isDone: boolean): void {
  const others = crew.value[at]?.leaves.filter((one) => one !== skill) ?? [];
  change(at, { leaves: isDone ? others : [...others, skill] });
}
</script>

<template>
  <fieldset v-for="(cook, i) in crew" :key="i" class="cook" :aria-label="`Cook ${i + 1}`">
    <TextBox
      :id="`cook-${i}`"
      :model-value="cook.name"
      :placeholder="`Cook ${i + 1}`"
      :aria-label="`Name of cook ${i + 1}`"
      maxlength="40"
      @update:model-value="change(i, { name: $event })"
    />
    <label v-for="skill in skills" :key="skill" class="small">
      <Checkbox
        :model-value="does(i, skill)"
        binary
        :input-id="`cook-${i}-${skill}`"
        @update:model-value="setDoes(i, skill, $event)"
      />
      {{ skillWords[skill] }}
    </label>
  </fieldset>
</template>

<style scoped>
.cook {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.9rem;
  min-width: 0;
  margin: 0;
  padding: 0 0 0.6rem;
  border: 0;
}

.cook :deep(input[type="text"]) {
  width: 100%;
}

label {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 44px;
}
</style>
