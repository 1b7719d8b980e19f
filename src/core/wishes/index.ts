export { grantWishes, type Granted, type Granting, type WishConflict, type WishFate } from "./grant";
export { WISHES, wishesOfSigns, type Move, type Towards, type Wish } from "./wishes";
export { SCHOOL_IDS, schoolsTaken, type SchoolId, type SchoolTaken, type Side } from "./schools";
