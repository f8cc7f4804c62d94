<script setup lang="ts">
import type { MakePlan, TonightsChanges } from "@apron/contract";
import Button from "primevue/button";
import Checkbox from "primevue/checkbox";
import { computed, ref } from "vue";
import IngredientField from "../catalogue/IngredientField.vue";
import { useWeightSource } from "../client/use-weight-source.ts";
import FoldOut from "../ui/FoldOut.vue";
import { typedGrams } from "../ui/typed-grams.ts";
import WeightField from "../ui/WeightField.vue";

/** Something that the recipe never had, and what stays out of it this once. */
defineProps<{ left: MakePlan["left"]; problem: string | undefined }>();
const emit = defineEmits<{
  joined: [one: Omit<TonightsChanges["joined"][number], "id">];
  back: [lineId: string];
}>();
const weights = useWeightSource();
const ingredient = ref("");
const text = ref("");
const isCooked = ref(false);
const grams = computed(() => typedGrams(text.value));
function add(): void {
  if (ingredient.value === "" || grams.value === undefined) return;
  emit("joined", { ingredient: ingredient.value, grams: grams.value, isCooked: isCooked.value });
  [ingredient.value, text.value, isCooked.value] = ["", "", false];
}
</script>

<template>
  <div class="join">
    <p v-for="one in left" :key="one.lineId" class="small left" data-testid="line-left-out">
      Left out: <b>{{ one.name }}</b>
      <Button label="Put it back" size="small" variant="text" @click="emit('back', one.lineId)" />
    </p>
    <p v-if="problem" role="alert" class="wrong small">{{ problem }}</p>
    <FoldOut title="Add something the recipe doesn't have" quiet data-testid="join-line">
      <div class="form">
        <IngredientField id="join-what" v-model="ingredient" :usual="[]" label="Ingredient" />
        <WeightField id="join-grams" v-model="text" label="Weight" placeholder="grams" :source="weights" />
        <label class="cooked small">
          <Checkbox v-model="isCooked" binary input-id="join-cooked" /> goes in cooked
        </label>
        <Button
          label="Add"
          data-testid="join-add"
          :disabled="!ingredient || grams === undefined"
          @click="add"
        />
      </div>
    </FoldOut>
  </div>
</template>

<style scoped>
.join {
  display: grid;
  gap: 0.3rem;
}

.left,
.cooked {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 44px;
}

.form {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr) auto auto;
  gap: 0.7rem;
  align-items: end;
}

@media (max-width: 820px) {
  .form {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
