export { grantWishes, type Granted, type Granting, type WishConflict, type WishFate } from "./grant";
export { WISH_SIGNS, wishesOfSigns } from "./signs";
export { WISHES, type Move, type Towards } from "./wishes";
export { SCHOOL_IDS, schoolsTaken, type SchoolId, type SchoolTaken, type Side } from "./schools";
