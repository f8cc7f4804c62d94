import { createRouter, createWebHistory } from "vue-router";
import SignInPage from "../kitchen/SignInPage.vue";
import TodayPage from "../today/TodayPage.vue";
import { useSession } from "./session.ts";

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: "/", name: "today", component: TodayPage, meta: { title: "Today" } },
    { path: "/sign-in", name: "sign-in", component: SignInPage, meta: { title: "Sign in", open: true } },
    {
      path: "/basket",
      name: "basket",
      component: () => import("../basket/BasketPage.vue"),
      meta: { title: "Basket" },
    },
    {
      path: "/basket/:id",
      name: "lot",
      component: () => import("../basket/LotPage.vue"),
      props: true,
      meta: { title: "Lot" },
    },
    {
      path: "/trim/:id?",
      name: "trim",
      component: () => import("../trim/TrimPage.vue"),
      props: true,
      meta: { title: "Trim" },
    },
    {
      path: "/match",
      name: "match",
      component: () => import("../match/MatchPage.vue"),
      meta: { title: "Match" },
    },
    {
      path: "/cook/:id",
      name: "cook",
      component: () => import("../cook/CookPage.vue"),
      props: true,
      meta: { title: "Cook" },
    },
    {
      path: "/larder",
      name: "larder",
      component: () => import("../larder/LarderPage.vue"),
      meta: { title: "Larder" },
    },
    {
      path: "/label/:id",
      name: "label",
      component: () => import("../larder/LabelPage.vue"),
      props: true,
      meta: { title: "Label" },
    },
    {
      path: "/recipes",
      name: "recipes",
      component: () => import("../recipes/RecipesPage.vue"),
      meta: { title: "Recipes" },
    },
    {
      path: "/recipes/import",
      name: "recipe-import",
      component: () => import("../recipes/RecipeImportPage.vue"),
      meta: { title: "Bring recipes in" },
    },
    {
      path: "/recipes/new",
      name: "recipe-new",
      component: () => import("../recipes/RecipeEditPage.vue"),
      meta: { title: "Write a recipe" },
    },
    {
      path: "/recipes/:id/edit",
      name: "recipe-edit",
      component: () => import("../recipes/RecipeEditPage.vue"),
      props: true,
      meta: { title: "Edit a recipe" },
    },
    {
      path: "/recipes/:id/card",
      name: "recipe-card",
      component: () => import("../recipes/RecipeCardPage.vue"),
      props: true,
      meta: { title: "Recipe card" },
    },
    {
      path: "/recipes/:id",
      name: "recipe",
      component: () => import("../recipes/RecipePage.vue"),
      props: true,
      meta: { title: "Recipe" },
    },
    {
      path: "/dressing",
      name: "dressing",
      component: () => import("../dressing/DressingPage.vue"),
      meta: { title: "Dressing" },
    },
    {
      path: "/handbook",
      name: "handbook",
      component: () => import("../handbook/HandbookPage.vue"),
      meta: { title: "Handbook" },
    },
    {
      path: "/handbook/:id",
      name: "ingredient",
      component: () => import("../handbook/IngredientPage.vue"),
      props: true,
      meta: { title: "Ingredient" },
    },
    {
      path: "/kitchen",
      name: "kitchen",
      component: () => import("../kitchen/KitchenPage.vue"),
      meta: { title: "Kitchen" },
    },
    { path: "/:rest(.*)*", redirect: "/" },
  ],
});

router.beforeEach(async (to) => {
  const session = useSession();
  if (!session.asked) await session.restore();
  if (!session.session && !to.meta["open"]) return { name: "sign-in", query: { to: to.fullPath } };
  return session.session && to.name === "sign-in" ? { name: "today" } : true;
});

router.afterEach((to) => {
  document.title = `${String(to.meta["title"])} · Apron Plate`;
});
