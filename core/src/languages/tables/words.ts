import { frenchSpoons } from "../../measure/index.ts";
import type { Language } from "../language.ts";

/**
 * Words and phrases of recipe lines that are no ingredient, and the English that this kitchen reads lines in. "" is left
 * out. Common practice, no source.
 */
type WordsOf = Readonly<Record<string, string>>;

const es: WordsOf = {
  "cucharada sopera": "tbsp", cucharada: "tbsp", cda: "tbsp", cs: "tbsp", cucharadita: "tsp", cucharilla: "tsp", cdta: "tsp", cdita: "tsp", cc: "tsp",
  "cucharada de postre": "dessertspoon", taza: "cup", tza: "cup", vaso: "glass", copa: "glass", kilo: "kg", gramo: "g", gr: "g", litro: "l", mililitro: "ml",
  diente: "clove", cabeza: "head", manojo: "bunch", ramillete: "bunch", atado: "bunch", puñado: "handful", ramita: "sprig", rama: "stalk", bola: "ball", hoja: "leaf",
  pizca: "pinch", pellizco: "pinch", lata: "tin", bote: "tin", tarro: "jar", frasco: "jar", bolsa: "bag", paquete: "packet", rebanada: "slice", loncha: "slice",
  rodaja: "slice", trozo: "piece", pedazo: "piece", chorro: "glug", chorrito: "drizzle", hilo: "drizzle", docena: "dozen", nuez: "knob", "nuez de mantequilla": "knob butter",
  un: "a", una: "a", uno: "a", dos: "2", tres: "3", cuatro: "4", cinco: "5", seis: "6", siete: "7", ocho: "8", nueve: "9", diez: "10", doce: "12",
  "y medio": "and a half", "y media": "and a half", "y cuarto": "and a quarter", "cuarto y mitad": "375 g", "barra de pan": "baguette", gordo: "thick", "con vaina": "in their pods", "en vaina": "in their pods", desgranado: "podded", "con piel": "skin on",
  grs: "g", ud: "", uds: "", buen: "good", buena: "good", generoso: "generous", unidad: "", sobre: "packet", bandeja: "tray", caja: "box", barqueta: "punnet", malla: "net", colmado: "heaped", raso: "level",
  medio: "half a", media: "half a", "medio kilo": "0.5 kg", "cuarto de kilo": "0.25 kg", "un cuarto de": "quarter", unos: "a few", unas: "a few", "un par de": "2",
  brote: "sprouts", brotes: "sprouts", huevas: "fish roe",
  de: "of", del: "of", "virgen extra": "extra virgin", el: "", la: "", los: "", las: "", en: "in", con: "with", sin: "without", para: "for", por: "", y: "and", o: "or", u: "or", al: "", a: "", su: "",
  "al gusto": "to taste", "c/n": "to taste", cn: "to taste", "cantidad necesaria": "to taste", opcional: "optional", "para servir": "to serve", "para decorar": "to garnish",
  "para acompañar": "to serve", "para freír": "for frying", "para aliñar": "for dressing", "un poco de": "some", poco: "little", más: "plus", "si hace falta": "if needed",
  picado: "chopped", "muy picado": "finely chopped", cortado: "cut", troceado: "chopped", rallado: "grated", pelado: "peeled", cocido: "cooked", hervido: "boiled", asado: "roasted",
  tostado: "toasted", frito: "fried", molido: "ground", "recién molido": "freshly ground", fresco: "fresh", seco: "dried", maduro: "ripe", grande: "large", pequeño: "small", mediano: "medium",
  "peso escurrido": "drained weight", "peso neto escurrido": "drained weight", brik: "carton", brick: "carton", escurrido: "drained", lavado: "washed", "en rodajas": "sliced", "en láminas": "sliced", laminado: "sliced", "en juliana": "sliced", "en dados": "diced", "en cubos": "diced", "en taquitos": "diced",
  "en tacos": "diced", "en trozos": "chopped", "en cuartos": "quartered", "sin semillas": "deseeded", "sin pepitas": "deseeded", "sin hueso": "pitted", "sin piel": "skinned", deshuesado: "pitted", crudo: "raw",
  natural: "plain", muy: "very", bien: "well", finamente: "finely", fino: "finely", machacado: "crushed", exprimido: "juiced", duro: "hard-boiled", batido: "beaten", derretido: "melted", tibio: "warm",
  "del día anterior": "stale", congelado: "frozen", ahumado: "smoked", tierno: "tender", dulce: "sweet", picante: "hot", entero: "whole", desmenuzado: "crumbled", rehogado: "softened",
  zumo: "juice", jugo: "juice", ralladura: "zest", piel: "peel", cáscara: "peel", aproximadamente: "about", "cada uno": "each", blanco: "white", rojo: "red", verde: "green", negro: "black", morado: "purple", amarillo: "yellow",
  "pechuga de pollo": "chicken breast", pechuga: "chicken breast", "muslo de pollo": "chicken thigh", "magret de pato": "duck breast", aceite: "oil", vinagre: "vinegar", queso: "cheese", lechuga: "lettuce", hierbas: "herbs", "hierbas frescas": "herbs", chile: "chilli", mostaza: "mustard", carne: "meat", pescado: "white fish", pimiento: "sweet pepper", aceituna: "olive", gamba: "prawn", "nata": "cream", "crema": "cream", alubia: "bean", "judía": "bean", seta: "wild mushrooms", col: "cabbage", "fruta": "fruit", "verdura": "vegetables", "ensalada": "salad leaves", "guindilla": "chilli", "pimiento asado": "roasted pepper", caldo: "stock", vino: "wine", lenteja: "lentil dry", yogur: "yogurt",
};

const fr: WordsOf = {
  "cuillère à soupe": "tbsp", "cuillerée à soupe": "tbsp", spoonsoupe: "tbsp", cs: "tbsp", "cuillère à café": "tsp", "cuillerée à café": "tsp", spooncafe: "tsp", cc: "tsp", "cuillère à thé": "tsp", "cuillère à dessert": "dessertspoon",
  tasse: "cup", verre: "glass", kilo: "kg", gramme: "g", gr: "g", litre: "l", "demi-litre": "0.5 l", livre: "500 g",
  gousse: "clove", tête: "head", botte: "bunch", bouquet: "bunch", poignée: "handful", brin: "sprig", brindille: "sprig", branche: "stalk", boule: "ball", tige: "stalk", feuille: "leaf", pincée: "pinch", boîte: "tin", conserve: "tin",
  bocal: "jar", pot: "pot", sachet: "bag", paquet: "packet", tranche: "slice", rondelle: "slice", morceau: "piece", filet: "drizzle", filets: "fillet", "filet d anchois": "anchovy fillet", "filet de saumon": "salmon fillet", "filet de truite": "trout fillet", "filet de cabillaud": "cod fillet", "filet de maquereau": "mackerel fillet", trait: "dash", "noix de beurre": "knob butter", "noisette de beurre": "knob butter", douzaine: "dozen", pavé: "fillet",
  "en cosse": "in their pods", "en cosses": "in their pods", écossé: "podded", "et demi": "and a half", "et demie": "and a half", "demi kilo": "0.5 kg", "un demi kilo": "0.5 kg", "quart de litre": "0.25 l", "un quart de": "quarter", pièce: "", pce: "", barquette: "punnet", louche: "ladle", beau: "good", belle: "good", "demi livre": "250 g", "une demi livre": "250 g", grammes: "g", grs: "g",
  un: "a", une: "a", deux: "2", trois: "3", quatre: "4", cinq: "5", six: "6", sept: "7", huit: "8", neuf: "9", dix: "10", douze: "12", demi: "half a", demie: "half a", "un demi": "half a", "une demi": "half a", quelques: "a few", "un peu de": "some", peu: "little", "une dizaine de": "10",
  pâte: "dough", baie: "berry", baies: "berries", raisin: "grapes", raisins: "grapes",
  de: "of", d: "of", du: "of", des: "of", la: "", le: "", les: "", l: "", au: "", aux: "", à: "", en: "in", avec: "with", sans: "without", pour: "for", et: "and", ou: "or", par: "", sur: "", chacun: "each", environ: "about", plus: "plus",
  "au goût": "to taste", "selon goût": "to taste", "selon votre goût": "to taste", facultatif: "optional", "pour servir": "to serve", "pour la décoration": "to garnish", "pour décorer": "to garnish", "pour la cuisson": "for frying", "pour l assaisonnement": "for dressing", "à volonté": "to taste",
  ras: "level", nouveau: "new", nouvelle: "new", nouvelles: "new", rase: "level", rases: "level", caisse: "crate", cageot: "crate", plaquette: "block",
  haché: "chopped", "extra fin": "extra fine", "extra-fin": "extra fine", émincé: "sliced", ciselé: "chopped", coupé: "cut", râpé: "grated", pelé: "peeled", épluché: "peeled", cuit: "cooked", rôti: "roasted", grillé: "toasted", torréfié: "toasted", moulu: "ground", concassé: "crushed", pressé: "crushed", frais: "fresh", fraîche: "fresh", sec: "dried", sèche: "dried", séché: "dried", mûr: "ripe", "bien mûr": "ripe", "bien mûres": "ripe", "tomates mûres": "ripe tomato", "vierge extra": "extra virgin",
  gros: "large", grosse: "large", grand: "large", petit: "small", moyen: "medium", moyenne: "medium", "poids égoutté": "drained weight", "poids net égoutté": "drained weight", égoutté: "drained", rincé: "rinsed", lavé: "washed", dénoyauté: "pitted", épépiné: "deseeded", dur: "hard-boiled", mollet: "soft-boiled", nature: "plain", naturel: "plain", "au naturel": "plain", surgelé: "frozen", fumé: "smoked", "en dés": "diced", "en cubes": "diced", "en rondelles": "sliced", "en lamelles": "sliced", "en morceaux": "chopped", "en quartiers": "quartered", "du moulin": "freshly ground", "du jardin": "", bien: "well", très: "very", finement: "finely", plat: "flat", fondu: "melted", mou: "softened", battu: "beaten", tendre: "tender", entier: "whole", entière: "whole", "fraîchement": "freshly", émietté: "crumbled", doux: "sweet", cru: "raw", ferme: "firm", rassis: "stale", blanc: "white", blanche: "white", rouge: "red", vert: "green", noir: "black", jaune: "yellow",
  "blanc de poulet": "chicken breast", "filet de poulet": "chicken breast", "cuisse de poulet": "chicken leg", "magret de canard": "duck breast", magret: "duck breast", jus: "juice", zeste: "zest", écorce: "peel", huile: "oil", vinaigre: "vinegar", fromage: "cheese", salade: "lettuce", herbes: "herbs", "fines herbes": "herbs", "herbes fraîches": "herbs", piment: "chilli", poivron: "sweet pepper", olive: "olive", crème: "cream", chou: "cabbage", haricot: "bean", viande: "meat", poisson: "white fish", bouillon: "stock", vin: "wine", lentille: "lentil dry", légume: "vegetables", fruit: "fruit", yaourt: "yogurt",
};

const it: WordsOf = {
  "cucchiai da tavola": "tbsp", "cucchiaio da tavola": "tbsp", cucchiaio: "tbsp", cucchiai: "tbsp", cucchiaino: "tsp", cucchiaini: "tsp", tazza: "cup", tazzina: "cup", bicchiere: "glass", chilo: "kg", kg: "kg", grammi: "g", gr: "g", etto: "100 g", etti: "100 g", litro: "l",
  spicchio: "clove", spicchi: "clove", testa: "head", cespo: "head", mazzetto: "bunch", mazzo: "bunch", ciuffo: "tuft", manciata: "handful", rametto: "sprig", rametti: "sprig", costa: "stalk", "coste di sedano": "stalks celery", gambo: "stalk", palla: "ball", foglia: "leaf", foglie: "leaf", pizzico: "pinch", presa: "pinch", scatola: "tin", lattina: "tin", barattolo: "jar", vasetto: "jar", busta: "bag", bustina: "packet", fetta: "slice", fette: "slice", pezzo: "piece", pezzetto: "piece", filo: "drizzle", goccio: "splash", "noce di burro": "knob butter", dozzina: "dozen", filetto: "fillet", filetti: "fillet",
  "con baccello": "in their pods", "nel baccello": "in their pods", sgranato: "podded", "e mezzo": "and a half", "e mezza": "and a half", "mezzo litro": "0.5 l", "mezzo etto": "50 g", "un etto e mezzo": "150 g", "un quarto di": "quarter", chili: "kg", vaschetta: "punnet", bella: "good", bel: "good", confezione: "packet", mestolo: "ladle", grs: "g",
  un: "a", uno: "a", una: "a", due: "2", tre: "3", quattro: "4", cinque: "5", sei: "6", sette: "7", otto: "8", nove: "9", dieci: "10", dodici: "12", mezzo: "half a", mezza: "half a", "mezzo chilo": "0.5 kg", qualche: "a few", alcune: "a few", "un po di": "some", poco: "little", "un paio di": "2",
  di: "of", d: "of", del: "of", dello: "of", della: "of", dei: "of", delle: "of", degli: "of", dell: "of", il: "", lo: "", la: "", i: "", gli: "", le: "", l: "", in: "in", con: "with", senza: "without", per: "for", e: "and", ed: "and", o: "or", oppure: "or", a: "", al: "", alla: "", circa: "about", ciascuno: "each", più: "plus", da: "", dal: "",
  "q b": "to taste", qb: "to taste", "quanto basta": "to taste", "a piacere": "to taste", facoltativo: "optional", "per servire": "to serve", "per guarnire": "to garnish", "per decorare": "to garnish", "per friggere": "for frying", "per condire": "for dressing",
  raso: "level", colmo: "heaped", "peso sgocciolato": "drained weight", tritato: "chopped", tagliato: "cut", affettato: "sliced", grattugiato: "grated", sbucciato: "peeled", cotto: "cooked", cotti: "cooked", lessato: "boiled", bollito: "boiled", arrostito: "roasted", arrosto: "roasted", grigliato: "grilled", tostato: "toasted", fresco: "fresh", secco: "dried", maturo: "ripe", grande: "large", grosso: "large", piccolo: "small", medio: "medium", medi: "medium", media: "medium", medie: "medium", sgocciolato: "drained", scolato: "drained", lavato: "washed", "a fette": "sliced", "a cubetti": "diced", "a dadini": "diced", "a pezzi": "chopped", "a rondelle": "sliced", "a julienne": "sliced", denocciolato: "pitted", snocciolato: "pitted", "senza semi": "deseeded", sodo: "hard-boiled", sode: "hard-boiled", fuso: "melted", sbattuto: "beaten", surgelato: "frozen", affumicato: "smoked", finemente: "finely", ben: "well", crudo: "raw", intero: "whole", intere: "whole", sbriciolato: "crumbled", raffermo: "stale", schiacciato: "crushed", spremuto: "juiced", "appena macinato": "freshly ground", "macinato al momento": "freshly ground", bianco: "white", rosso: "red", verde: "green", nero: "black", giallo: "yellow", tenero: "tender", dolce: "sweet", piccante: "hot",
  "petto di pollo": "chicken breast", "coscia di pollo": "chicken thigh", "petto d anatra": "duck breast", succo: "juice", scorza: "zest", buccia: "peel", olio: "oil", aceto: "vinegar", formaggio: "cheese", insalata: "lettuce", "erbe aromatiche": "herbs", erbe: "herbs", peperoncino: "chilli", peperone: "sweet pepper", oliva: "olive", olive: "olive", cavolo: "cabbage", fagiolo: "bean", fagioli: "bean", carne: "meat", pesce: "white fish", funghi: "mushroom", brodo: "stock", vino: "wine", lenticchie: "lentil dry", senape: "mustard", verdura: "vegetables", frutta: "fruit",
};

const de: WordsOf = {
  el: "tbsp", esslöffel: "tbsp", essl: "tbsp", tl: "tsp", teelöffel: "tsp", teel: "tsp", tasse: "cup", becher: "tub", kilo: "kg", kilogramm: "kg", gramm: "g", gr: "g", liter: "l", milliliter: "ml", pfund: "500 g",
  zehe: "clove", zehen: "clove", knoblauchzehe: "clove garlic", knolle: "bulb", kopf: "head", bund: "bunch", bündel: "bunch", handvoll: "handful", "hand voll": "handful", zweig: "sprig", stiel: "sprig", stängel: "sprig", stange: "stalk", stangen: "stalk", knollen: "bulb", blatt: "leaf", blätter: "leaf", prise: "pinch", msp: "pinch", messerspitze: "pinch", dose: "tin", glas: "jar", packung: "packet", päckchen: "packet", pck: "packet", beutel: "bag", scheibe: "slice", stück: "piece", kugel: "ball", kugeln: "ball", schuss: "glug", spritzer: "dash", tropfen: "dash", würfel: "cube", dutzend: "dozen",
  "in der schote": "in their pods", "mit schote": "in their pods", gepalt: "podded", eineinhalb: "1.5", anderthalb: "1.5", zweieinhalb: "2.5", "ein viertel": "quarter", "halbes kilo": "0.5 kg", "ein halbes kilo": "0.5 kg", "halbes pfund": "250 g", "ein halbes pfund": "250 g", "halber liter": "0.5 l", "ein halber liter": "0.5 l", kelle: "ladle", tüte: "bag",
  ein: "a", eine: "a", einer: "of a", eines: "of a", einen: "a", zwei: "2", drei: "3", vier: "4", fünf: "5", sechs: "6", sieben: "7", acht: "8", neun: "9", zehn: "10", zwölf: "12", halbe: "half a", halber: "half a", halbes: "half a", einige: "a few", etwas: "some", "ein paar": "a few", wenig: "little",
  der: "of the", die: "", das: "", des: "of the", dem: "", den: "", von: "of", mit: "with", ohne: "without", für: "for", und: "and", oder: "or", aus: "", in: "in", im: "in", ca: "about", circa: "about", etwa: "about", je: "each", à: "each", stk: "", st: "", bd: "bunch", plus: "plus", evtl: "optional",
  "nach geschmack": "to taste", "nach belieben": "to taste", "nach bedarf": "to taste", "zum abschmecken": "to taste", optional: "optional", "zum servieren": "to serve", "zum garnieren": "to garnish", "zum bestreuen": "to sprinkle", "zum braten": "for frying", "zum beträufeln": "to drizzle",
  abtropfgewicht: "drained weight", gestr: "level", geh: "heaped", "stange lauch": "leek", "stangen lauch": "leeks", "stange porree": "leek", "stangen porree": "leeks", kiste: "crate", netz: "net", körbchen: "punnet", dick: "large", gehäuft: "heaped", gestrichen: "level", gehackt: "chopped", "fein gehackt": "finely chopped", gewürfelt: "diced", gerieben: "grated", geraspelt: "grated", gehobelt: "shaved", geschnitten: "cut", geschält: "peeled", gepellt: "peeled", gekocht: "cooked", geröstet: "toasted", gebacken: "roasted", gebraten: "fried", gegrillt: "grilled", gemahlen: "ground", "frisch gemahlen": "freshly ground", frisch: "fresh", getrocknet: "dried", reif: "ripe", groß: "large", klein: "small", mittelgroß: "medium", abgetropft: "drained", gewaschen: "washed", entkernt: "deseeded", entsteint: "pitted", halbiert: "halved", geviertelt: "quartered", gepresst: "crushed", zerdrückt: "crushed", fein: "finely", grob: "coarsely", "in scheiben": "sliced", "in ringe": "sliced", "in würfel": "diced", "in streifen": "sliced", "in stücke": "chopped", tiefgekühlt: "frozen", tk: "frozen", geräuchert: "smoked", festkochend: "waxy", mehligkochend: "floury", vorwiegend: "", hartgekocht: "hard-boiled", weich: "softened", geschmolzen: "melted", zimmerwarm: "softened", verquirlt: "beaten", "aus der mühle": "freshly ground", "aus der dose": "tinned", ganz: "whole", roh: "raw", zerbröckelt: "crumbled", zerkrümelt: "crumbled", altbacken: "stale", süß: "sweet", scharf: "hot", weiß: "white", rot: "red", grün: "green", schwarz: "black", gelb: "yellow", zart: "tender", jung: "young", bio: "",
  hähnchenbrust: "chicken breast", hähnchenbrustfilet: "chicken breast", hühnerbrust: "chicken breast", hähnchenschenkel: "chicken leg", entenbrust: "duck breast", saft: "juice", abrieb: "zest", schale: "zest", "abgeriebene schale": "zest", zesten: "zest", öl: "oil", essig: "vinegar", käse: "cheese", salat: "lettuce", kräuter: "herbs", "gemischte kräuter": "herbs", senf: "mustard", chili: "chilli", chilischote: "chilli", oliven: "olive", olive: "olive", kohl: "cabbage", bohne: "bean", bohnen: "bean", fleisch: "meat", fisch: "white fish", pilz: "mushroom", pilze: "mushroom", brühe: "stock", wein: "wine", linsen: "lentil", gemüse: "vegetables", obst: "fruit",
};

export const wordsByLanguage: Readonly<Record<Language, WordsOf>> = { es, fr, it, de };

/** French spoons by their short names, as words that other languages know nothing by. */
const spoons: readonly (readonly [RegExp, string])[] = [
  [frenchSpoons.tbsp, "spoonsoupe"],
  [frenchSpoons.tsp, "spooncafe"],
];

/** What is written short, and the one word of the lexicon that it stands for. */
export const shorthand: Readonly<Record<Language, readonly (readonly [RegExp, string])[]>> = {
  es: [
    ...spoons,
    [/\bc\/n\b/gi, "cn"],
    [/\bs\/n\b/gi, "cn"],
    [/\bc\. ?s\.?(?= )/gi, "cda"],
    [/\bc\. ?c\.?(?= )/gi, "cdta"],
    [/\bun[oa]s (?=\d)/gi, "aproximadamente "],
  ],
  fr: [
    ...spoons,
    [/\bc\. ?s\.?(?= )/gi, "spoonsoupe"],
    [/\bc\. ?c\.?(?= )/gi, "spooncafe"],
    [/(?<=\d ?)l (?=de |d['’])/gi, "litre "],
  ],
  it: [...spoons, [/\bq\. ?b\.?/gi, "qb"], [/(?<=\d ?)l (?=di |d['’])/gi, "litro "]],
  de: [
    ...spoons,
    // What a number counts is what berries are sold in; without one it is the peel.
    [/(?<=(?:\d|\bein|\beine) )Schalen? /gi, "Körbchen "],
  ],
};
