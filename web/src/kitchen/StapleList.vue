<script setup lang="ts">
import type { IngredientSummary } from "@apron/contract";
import { nameOrId } from "../catalogue/name-or-id.ts";
import Chip from "primevue/chip";
import { computed, ref } from "vue";
import IngredientField from "../catalogue/IngredientField.vue";
import { useSession } from "../client/session.ts";

/** The shelf of dry goods that is counted as always there. */
const props = defineProps<{ ingredients: readonly IngredientSummary[] }>();
const staples = defineModel<string[]>({ required: true });
const session = useSession();
const chosen = ref("");
const shown = computed(() =>
  staples.value
    .map((id) => {
      const found = props.ingredients.find((one) => one.id === id);
      return { id, name: nameOrId(found, id, session.dialect) };
    })
    .sort((a, b) => a.name.localeCompare(b.name)),
);
function add(): void {
  if (chosen.value !== "" && !staples.value.includes(chosen.value))
    staples.value = [...staples.value, chosen.value];
  chosen.value = "";
}
const remove = (id: string): void => {
  staples.value = staples.value.filter((one) => one !== id);
};
</script>

<template>
  <div class="staples">
    <ul aria-label="Always on the shelf">
      <li v-for="one in shown" :key="one.id">
        <Chip :label="one.name" removable :data-testid="`staple-${one.id}`" @remove="remove(one.id)" />
      </li>
    </ul>
    <IngredientField id="add-staple" v-model="chosen" :usual="[]" label="Add to the shelf" @chosen="add" />
  </div>
</template>

<style scoped>
.staples {
  display: grid;
  gap: 0.7rem;
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}
</style>
