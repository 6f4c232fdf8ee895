/** Where a joint seals and what goes on it. A joint seals in one place: know the place and the sealant follows. */
export interface JointKind {
  readonly id: 'npt-in-npt' | 'r-in-rp';
  readonly sealsAt: 'wedged-flanks';
  readonly sealant: 'required' | 'never';
  /** First thread that takes sealant: the first stays bare so that nothing enters the bore. */
  readonly sealantFromThread: number;
  readonly secondWrench: boolean;
  readonly madeAgain: 'clean-once' | 'never';
}
