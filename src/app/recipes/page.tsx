import { RecipesScreen } from "@/stations/blend/recipes";

export const metadata = { title: "Recipes and trials" };

export default function Page() {
  return <RecipesScreen />;
}
