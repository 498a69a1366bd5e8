import { kinematicViscosity, liquidOf } from "../../blending";
