<script setup lang="ts">
import Button from "primevue/button";
import { sentenceOf } from "../client/words.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import PageHead from "../ui/PageHead.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import TextBox from "../ui/TextBox.vue";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import { useIngredients } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import AppetiteFields from "./AppetiteFields.vue";
import { scaleChoices } from "./choices.ts";
import CookingPlaceFields from "../plan/CookingPlaceFields.vue";
import DeleteKitchen from "./DeleteKitchen.vue";
import DislikeField from "./DislikeField.vue";
import EaterList from "./EaterList.vue";
import KitchenTabs from "./KitchenTabs.vue";
import MeaningList from "./MeaningList.vue";
import OunceList from "./OunceList.vue";
import StapleList from "./StapleList.vue";
import TakeAlong from "./TakeAlong.vue";
import { useKitchenDraft } from "./use-kitchen-draft.ts";
import WritingFields from "./WritingFields.vue";

/** Everything this kitchen has decided about itself, in one place. */
const session = useSession();
const { data: ingredients } = useIngredients();
const { shown, error, change, isChanged, save, clear, submission } = useKitchenDraft();
</script>

<template>
  <PageHead
    title="Kitchen settings"
    lead="Who eats here, what is always on the shelf, and how things are written."
  >
    <Button v-if="isChanged" label="Discard changes" severity="secondary" @click="clear" />
    <Button
      label="Save changes"
      :disabled="!isChanged"
      :loading="submission.pending.value"
      data-testid="save-kitchen"
      @click="save"
    />
  </PageHead>
  <ProblemNote :text="error ? sentenceOf(error) : submission.sentence.value" />
  <KitchenTabs>
    <div v-if="shown" class="columns">
      <section class="card" aria-labelledby="kitchen-people">
        <h2 id="kitchen-people">Who eats here</h2>
        <EaterList
          :model-value="[...shown.eaters]"
          :ingredients="ingredients"
          @update:model-value="change({ eaters: $event })"
        >
          <template #dislikes="{ index, add }">
            <DislikeField :id="`dislike-${index}`" @added="add" />
          </template>
        </EaterList>
        <ProblemNote :text="submission.sentenceAt('eaters')" />
      </section>
      <section class="card" aria-labelledby="kitchen-writing">
        <h2 id="kitchen-writing">Name, units and dates</h2>
        <FieldFrame label="Kitchen name" for="kitchen-name" :problem="submission.sentenceAt('name')">
          <TextBox
            id="kitchen-name"
            :model-value="shown.name"
            maxlength="80"
            autocomplete="off"
            @update:model-value="change({ name: $event })"
          />
        </FieldFrame>
        <WritingFields :writing="shown" :sentence-at="submission.sentenceAt" @changed="change" />
        <div>
          <h3>Scale</h3>
          <ChoiceButtons
            :model-value="shown.scale"
            label="Scale"
            :choices="scaleChoices"
            @update:model-value="change({ scale: $event })"
          />
        </div>
      </section>
      <section class="card" aria-labelledby="kitchen-shelf">
        <h2 id="kitchen-shelf">Always on the shelf</h2>
        <p class="soft small">Recipes treat these as always in stock.</p>
        <StapleList
          :model-value="[...shown.staples]"
          :ingredients="ingredients ?? []"
          @update:model-value="change({ staples: $event })"
        />
        <ProblemNote :text="submission.sentenceAt('staples')" />
      </section>
      <section class="card" aria-labelledby="kitchen-room">
        <h2 id="kitchen-room">How much is eaten and stored</h2>
        <AppetiteFields :settings="shown" @changed="change" />
      </section>
      <section class="card" aria-labelledby="kitchen-places">
        <h2 id="kitchen-places">What there is to cook with</h2>
        <p class="soft small">Every plan starts from this. You can change it for a single plan.</p>
        <CookingPlaceFields id="kitchen" :places="shown.places" @changed="change({ places: $event })" />
        <ProblemNote :text="submission.sentenceAt('places')" />
      </section>
      <OunceList />
      <MeaningList />
      <TakeAlong v-if="session.session?.member.role === 'owner'" />
      <DeleteKitchen v-if="session.session?.member.role === 'owner'" />
    </div>
  </KitchenTabs>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 1.2rem;
  align-items: start;
}

section {
  display: grid;
  gap: 0.7rem;
  justify-items: start;
}

section > * {
  max-width: 100%;
  width: 100%;
}

section > :deep(.p-button) {
  width: auto;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
