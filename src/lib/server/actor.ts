/** On whose behalf a request acts. */
export interface Actor {
  readonly crew: string;
}

/** The one crew there is until sign-in comes. */
export const FIRST_CREW = 'crewfirst';

/** The one place that knows who asks. */
export const resolveActor = (): Actor => ({ crew: FIRST_CREW });
