<script setup lang="ts">
import type { Eater, IngredientSummary } from "@apron/contract";
import { nameOrId } from "../catalogue/name-or-id.ts";
import Button from "primevue/button";
import Chip from "primevue/chip";
import MultiSelect from "primevue/multiselect";
import { useSession } from "../client/session.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import SelectField from "../ui/SelectField.vue";
import TextBox from "../ui/TextBox.vue";
import { allergenChoices } from "../catalogue/allergen-words.ts";
import { dietChoices } from "./choices.ts";

/** The people who eat here, each with what they do not eat. Dislikes are chosen where ingredients are known. */
const props = defineProps<{
  ingredients?: readonly IngredientSummary[] | undefined;
}>();
const eaters = defineModel<Eater[]>({ required: true });
const session = useSession();
const nameFor = (id: string): string =>
  nameOrId(
    props.ingredients?.find((one) => one.id === id),
    id,
    session.dialect,
  );
const change = (at: number, to: Partial<Eater>): void => {
  eaters.value = eaters.value.map((one, i) => (i === at ? { ...one, ...to } : one));
};
const add = (): void => {
  const name = `Person ${eaters.value.length + 1}`;
  eaters.value = [...eaters.value, { name, diet: "any", avoidAllergens: [], avoidIngredients: [] }];
};
const remove = (at: number): void => {
  eaters.value = eaters.value.filter((_, i) => i !== at);
};
const removeDislike = (at: number, id: string): void =>
  change(at, { avoidIngredients: eaters.value[at]?.avoidIngredients.filter((one) => one !== id) ?? [] });
</script>

<template>
  <ul class="eaters" aria-label="People who eat here">
    <li v-for="(eater, i) in eaters" :key="i">
      <FieldFrame label="Name" :for="`eater-${i}`">
        <TextBox
          :id="`eater-${i}`"
          :model-value="eater.name"
          maxlength="60"
          autocomplete="off"
          @update:model-value="change(i, { name: $event })"
        />
      </FieldFrame>
      <SelectField
        :id="`eater-diet-${i}`"
        :model-value="eater.diet"
        label="Diet"
        :name="`Diet of ${eater.name}`"
        :choices="dietChoices"
        @update:model-value="change(i, { diet: $event })"
      />
      <FieldFrame label="Allergens" :for="`eater-allergens-${i}`">
        <MultiSelect
          :model-value="[...eater.avoidAllergens]"
          :input-id="`eater-allergens-${i}`"
          :options="allergenChoices"
          option-label="label"
          option-value="value"
          placeholder="none"
          :max-selected-labels="3"
          :aria-label="`Allergens ${eater.name} avoids`"
          fluid
          @update:model-value="change(i, { avoidAllergens: $event })"
        />
      </FieldFrame>
      <Button
        label="Remove"
        size="small"
        severity="secondary"
        :aria-label="`Remove ${eater.name}`"
        :disabled="eaters.length === 1"
        @click="remove(i)"
      />
      <div v-if="eater.avoidIngredients.length > 0 || $slots['dislikes']" class="dislikes">
        <Chip
          v-for="id in eater.avoidIngredients"
          :key="id"
          :label="nameFor(id)"
          removable
          @remove="removeDislike(i, id)"
        />
        <slot
          name="dislikes"
          :index="i"
          :add="
            (id: string) => change(i, { avoidIngredients: [...new Set([...eater.avoidIngredients, id])] })
          "
        />
      </div>
    </li>
  </ul>
  <Button label="Add a person" size="small" severity="secondary" data-testid="add-eater" @click="add" />
</template>

<style scoped>
.eaters {
  display: grid;
  gap: 0.8rem;
  margin-bottom: 0.6rem;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr) minmax(0, 1fr) auto;
  gap: 0.6rem;
  align-items: start;
}

li > :deep(.p-button) {
  align-self: center;
  margin-top: 1.4rem;
}

.dislikes {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  align-items: end;
}

@media (max-width: 620px) {
  li {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
}
</style>
