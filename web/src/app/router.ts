import { createRouter, createWebHistory, RouterView, type RouteRecordRaw } from "vue-router";
import { useSession } from "../client/session.ts";

/** Every page loads when it is opened: signing in loads no station, a station no other. */
const routes: RouteRecordRaw[] = [
  {
    path: "/",
    name: "today",
    component: () => import("../today/TodayPage.vue"),
    meta: { title: "Today" },
  },
  {
    path: "/sign-in",
    name: "sign-in",
    component: () => import("../kitchen/SignInPage.vue"),
    meta: { title: "Sign in", open: true },
  },
  {
    path: "/basket",
    name: "basket",
    component: () => import("../basket/BasketPage.vue"),
    meta: { title: "Basket" },
  },
  {
    path: "/basket/import",
    name: "lots-file",
    component: () => import("../exchange/LotsFilePage.vue"),
    meta: { title: "Import lots" },
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
    path: "/match/past",
    name: "past-plans",
    component: () => import("../match/PastPlansPage.vue"),
    meta: { title: "Plans so far" },
  },
  {
    path: "/match/shopping",
    name: "shopping",
    component: () => import("../shopping/ShoppingPage.vue"),
    meta: { title: "Shopping list" },
  },
  {
    path: "/plan",
    name: "plan",
    component: () => import("../plan/PlanPage.vue"),
    meta: { title: "Plan" },
  },
  {
    path: "/plan/:id",
    name: "saved-plan",
    component: () => import("../plan/SavedPlanPage.vue"),
    props: true,
    meta: { title: "Saved plan" },
  },
  {
    path: "/plan/:id/cook",
    name: "cook-along",
    component: () => import("../cook/CookAlongPage.vue"),
    props: true,
    meta: { title: "Cook along" },
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
    path: "/batch/:id",
    name: "batch",
    component: () => import("../larder/BatchPage.vue"),
    props: true,
    meta: { title: "Batch" },
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
    component: () => import("../exchange/RecipeImportPage.vue"),
    meta: { title: "Import recipes" },
  },
  {
    path: "/recipes/new",
    name: "recipe-new",
    component: () => import("../recipes/RecipeEditPage.vue"),
    meta: { title: "New recipe" },
  },
  {
    path: "/recipes/:id/edit",
    name: "recipe-edit",
    component: () => import("../recipes/RecipeEditPage.vue"),
    props: true,
    meta: { title: "Edit recipe" },
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
    component: () => import("../recipes/RecipePage.vue"),
    props: true,
    meta: { title: "Recipe" },
    // The view is in the address: it can be linked to, and survives a reload.
    children: [
      {
        path: "",
        name: "recipe",
        component: () => import("../recipes/FormulaView.vue"),
        props: true,
      },
      {
        path: "plate",
        name: "recipe-plate",
        component: () => import("../plate/PlateView.vue"),
        props: true,
      },
      { path: "cost", name: "recipe-cost", component: () => import("../cook/CostView.vue"), props: true },
      {
        path: "diners",
        name: "recipe-diners",
        component: () => import("../recipes/DinersView.vue"),
        props: true,
      },
      {
        path: "versions",
        name: "recipe-versions",
        component: () => import("../recipes/VersionsView.vue"),
        props: true,
      },
    ],
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
    component: () => import("../catalogue/HandbookPage.vue"),
    meta: { title: "Handbook" },
  },
  {
    path: "/handbook/:id",
    name: "ingredient",
    component: () => import("../catalogue/IngredientPage.vue"),
    props: true,
    meta: { title: "Ingredient" },
  },
  {
    path: "/kitchen",
    component: RouterView,
    children: [
      {
        path: "",
        name: "kitchen",
        component: () => import("../kitchen/KitchenPage.vue"),
        meta: { title: "Kitchen settings" },
      },
      {
        path: "cooks",
        name: "cooks",
        component: () => import("../kitchen/CooksPage.vue"),
        meta: { title: "Cooks" },
      },
      {
        path: "account",
        name: "account",
        component: () => import("../kitchen/AccountPage.vue"),
        meta: { title: "Your account" },
      },
    ],
  },
  {
    path: "/join",
    name: "join",
    component: () => import("../kitchen/JoinPage.vue"),
    meta: { title: "Join a kitchen", open: true },
  },
  { path: "/:rest(.*)*", redirect: "/" },
];

export const router = createRouter({ history: createWebHistory(), routes });

router.beforeEach(async (to) => {
  const session = useSession();
  if (!session.asked) await session.restore();
  if (!session.session && !to.meta["open"]) return { name: "sign-in", query: { to: to.fullPath } };
  return session.session && to.name === "sign-in" ? { name: "today" } : true;
});

router.afterEach((to) => {
  document.title = `${String(to.meta["title"])} · Apron Plate`;
});
