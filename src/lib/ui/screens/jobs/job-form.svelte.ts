import type { JobInput } from '#core/formats';
import type { Result } from '#core/outcome';
import type { Job, JobDetails } from '#core/jobs';
import type { Refusal } from '#words/refusals.ts';
import { loadModule } from '../../store/load-module.ts';

const NEW_JOB: JobDetails = {
  name: '',
  place: '',
  units: 'in',
  gas: 'natural',
  jurisdiction: 'ask',
  edition: '',
};

/** What is filled in about a job. People are typed as names with commas between them. */
export class JobForm {
  name = $state('');
  place = $state('');
  units = $state<JobDetails['units']>('in');
  gas = $state<JobDetails['gas']>('natural');
  jurisdiction = $state<JobDetails['jurisdiction']>('ask');
  edition = $state('');
  people = $state('');

  constructor(job?: Job) {
    const { name, place, units, gas, jurisdiction, edition } = job ?? NEW_JOB;
    Object.assign(this, { name, place, units, gas, jurisdiction, edition });
    this.people = job?.people.map((person) => person.name).join(', ') ?? '';
  }

  /** What is sent, checked with the same schema as on the server; the refusal names the field. */
  async read(): Promise<Result<JobInput, Refusal>> {
    const names = this.people.split(/[,\n]/).map((name) => name.trim());
    const people = names.filter((name, i) => name && names.indexOf(name) === i);
    const { units, gas, jurisdiction } = this;
    const [name, place, edition] = [this.name.trim(), this.place.trim(), this.edition.trim()];
    const loaded = await loadModule(() => import('./read-job-input.ts'));
    if (!loaded.ok) return loaded;
    return loaded.value.readJobInput({ name, place, units, gas, jurisdiction, edition, people });
  }
}
