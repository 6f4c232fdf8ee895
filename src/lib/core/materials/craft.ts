import type { MaterialTraits } from './material-traits.ts';
import type {
  Catalogue,
  AdapterKind,
  BoughtKind,
  Part,
  Port,
  Material,
  Stock,
  SystemId,
  ManifoldOpening,
  SheetSaid,
  TubeJoin,
  TaperEnd,
  TaperFamily,
  TaperThread,
} from '#core/catalogue';
import type { End, Gender, LegSize, NominalSize } from '#core/ends';
import type { FigureKey, HouseRules } from '#core/house-rules';
import type { JudgedJoint, Tightness } from '#core/joints';
import type { Length } from '#core/units';

/** What a leg is made of, as far as its craft cares. */
export interface Settings {
  readonly system: SystemId;
  readonly material: Material;
  readonly size: LegSize;
  readonly stock: Stock;
}

/** How a joint is turned to where its fitting points, in place of the engagement of the house: whole degrees, and whole turns more. */
export interface Turning {
  readonly handTight: number;
  readonly wanted: number;
  readonly whole: number;
}

/** Why the take-off of an end is not known. */
export type EndUnknown =
  | 'no-fitting'
  | 'size-not-carried'
  | 'engagement-not-measured'
  | 'part-length-unknown';

/** A pipe made up in a port of a part. */
export interface MadeJoint {
  readonly part: Part;
  readonly port: Port;
  /** From the centre of what stands there to the face the pipe goes in at, nm; null while it is not known. */
  readonly reach: Length | null;
  readonly engagement: Length | null;
  readonly tightness: Tightness | null;
  /** What its nut is pulled to by the maker’s sheet, mN·m; null where none says it. */
  readonly torque: SheetSaid | null;
  /** What becomes of the pipe's end in this port, with what the house says of it. */
  readonly verdict: JudgedJoint;
}

/** What is worked out of an end of a piece. */
export interface WorkedEnd {
  readonly thread: TaperThread | null;
  readonly joint: MadeJoint | null;
  /** What the end takes off the centre-to-centre, nm; null when it cannot be known. */
  readonly takeOff: Length | null;
  readonly unknown: EndUnknown | null;
}

/** The ends of a piece, as far as making it goes. */
export type PieceEnds = readonly [PieceEnd, PieceEnd];
type PieceEnd = Pick<WorkedEnd, 'thread' | 'joint'>;

/** What bending a tube of a craft goes by, nm, to its centre line. */
export interface Bending {
  /** The radius it is bent to where none is said; null where none is usual for the size. */
  readonly usual: Length | null;
  /** Whether that radius is the usual one of the trade, and not the shop's own or the maker's. */
  readonly isTypical: boolean;
  /** Under this it is asked, under that refused. */
  readonly recommended: Length;
  readonly least: Length;
  /** How much must be left straight between two bends. */
  readonly between: Length;
  /** And between a bend and a joint. */
  readonly beforeJoint: Length;
}

/** Where tube may be cut over an end whose fitting was not measured: left longer, marked and trimmed in place. */
export type Trimming = 'never' | 'last-end' | 'any-end';

/**
 * What one who works in a material system knows. Every system answers the same questions in a folder of its own, and stands in one
 * table (crafts.ts); nothing else asks what a leg is made of.
 */
export interface Craft {
  readonly system: SystemId;
  /** What it comes in, the usual one first, and how each is shown. */
  readonly materials: Readonly<Partial<Record<Material, MaterialTraits>>>;
  /** What may stand in the settings of a leg, field by field. */
  readonly fields: Readonly<Record<Exclude<keyof Settings, 'system'>, readonly string[]>>;
  /** Whether its pipe is screwed together: what else meets it is brought to its thread. */
  readonly screws: boolean;
  /** The sizes a material of it is made in. */
  listSizes(material: Material): readonly LegSize[];
  /** Whether it is for the ground only: above it, it is inside a riser. */
  readonly isForGround: boolean;
  /** How it goes round a corner: with a fitting, or the pipe itself is bent. */
  readonly turnsBy: 'fitting' | 'bend';
  /** How its tube is joined to fittings; null where it screws itself. */
  findJoin(settings: Settings): TubeJoin | null;
  /** The kinds of part that are made for it. */
  listKinds(settings: Settings): readonly BoughtKind[];
  /** What bending it goes by; null where this tube is not bent. */
  findBending(settings: Settings, rules: HouseRules, catalogue: Catalogue): Bending | null;
  getTrimming(settings: Settings): Trimming;
  /** How much more is cut than the way of a tube is long (nm). */
  getSlack(settings: Settings, developed: Length, isStraight: boolean, rules: HouseRules): Length;
  /** The pipe threads its tube is brought to by one adapter, the usual one first; empty where it screws itself. */
  listThreads(
    settings: Settings,
    catalogue: Catalogue,
  ): readonly { readonly system: TaperFamily; readonly size: NominalSize }[];
  /** The adapter between its tube and something threaded: `thread` is the adapter's own. Null where none is sold. */
  findAdapter(kind: AdapterKind, settings: Settings, thread: TaperEnd, catalogue: Catalogue): Part | null;
  /** The kinds of what brings its tube to a thread, the usual one first; empty where it screws itself. */
  listAdapterKinds(settings: Settings): readonly AdapterKind[];
  /** The manifold with these openings, each for its tube or with a pipe thread; null where none is made for it. */
  findManifold(settings: Settings, openings: readonly ManifoldOpening[], catalogue: Catalogue): Part | null;
  /** Outside diameter, nm; null where it is not known. */
  findOutside(settings: Settings, catalogue: Catalogue): Length | null;
  /** What a metre of its pipe weighs, kg; null where that is the maker's to say. */
  findMass(settings: Settings, catalogue: Catalogue): number | null;
  /** The end of a piece, or of an opening that a leg without pipe meets: the one that goes in (male), or the one that takes it. */
  getEnd(settings: Settings, gender: Gender): End;
  /** The settings of the pipe that ends so, or that such an end takes; null where it is none of this system's. */
  readEnd(end: End): Settings | null;
  /** Whether both may be made up in one fitting. */
  goTogether(a: Settings, b: Settings): boolean;
  /** The bought part of a kind with openings of these sizes, in the order of its ports; null when none is carried. */
  findPart(
    kind: BoughtKind,
    settings: Settings,
    sizes: readonly LegSize[],
    catalogue: Catalogue,
  ): Part | null;
  /** All bought parts of a kind that are made up in this system, with the sizes of their openings. */
  listParts(
    kind: BoughtKind,
    settings: Settings,
    catalogue: Catalogue,
  ): readonly { readonly part: Part; readonly sizes: readonly LegSize[] }[];
  /** Whether the size is carried: its figures are known. */
  isCarried(settings: Settings, catalogue: Catalogue): boolean;
  /** An end without a part: bare, or with what stands there not known. */
  workOutBare(settings: Settings, unknown: EndUnknown | null, catalogue: Catalogue): WorkedEnd;
  /** Take-off, engagement and tightness of an end made up in a port; `turning` where the joint is clocked. */
  workOut(
    settings: Settings,
    part: Part,
    port: Port,
    catalogue: Catalogue,
    rules: HouseRules,
    turning: Turning | null,
  ): WorkedEnd;
  /** The key under which the shop keeps its own figure of a size; null where how far it goes in is the fitting's to say. */
  getFigureKey(settings: Settings): FigureKey | null;
  /** The length pipe is bought in, nm. */
  getStock(rules: HouseRules): Length;
  /** The least length (nm) that can be made by hand with these ends. */
  getLeastPiece(ends: PieceEnds, rules: HouseRules, settings: Settings, catalogue: Catalogue): Length;
  /** The lengths in which pieces are bought ready made, the shortest first, nm; empty where none are listed. */
  listBought(settings: Settings, catalogue: Catalogue): readonly Length[];
  /** The piece to buy ready made in place of a cut (nm); null for pipe that is cut. */
  findBought(
    cut: Length,
    settings: Settings,
    ends: PieceEnds,
    rules: HouseRules,
    catalogue: Catalogue,
  ): Length | null;
  /** The one that is bought nearest to a cut, and by how much it is off (nm); null where none is. */
  findNearestBought(
    cut: Length,
    settings: Settings,
    ends: PieceEnds,
    rules: HouseRules,
    catalogue: Catalogue,
  ): { readonly length: Length; readonly off: Length } | null;
}
