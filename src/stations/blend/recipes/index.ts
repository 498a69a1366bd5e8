export { RecipesScreen } from "./RecipesScreen";
