import type { JobInput } from '#core/formats/job.schema.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import type { Job, JobDetails } from '#core/runs/job.ts';
import type { InputRefusal } from '#core/formats/read-with.ts';

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
  async read(): Promise<Result<JobInput, InputRefusal>> {
    const names = this.people.split(/[,\n]/).map((name) => name.trim());
    const people = names.filter((name, i) => name && names.indexOf(name) === i);
    const { units, gas, jurisdiction } = this;
    const [name, place, edition] = [this.name.trim(), this.place.trim(), this.edition.trim()];
    const [{ readWith }, { jobInputSchema }] = await Promise.all([
      import('#core/formats/read-with.ts'),
      import('#core/formats/job.schema.ts'),
    ]);
    const read = readWith(jobInputSchema, { name, place, units, gas, jurisdiction, edition, people });
    return read.ok ? accept(read.value) : refuse(read.refusal);
  }
}
