CREATE TABLE "changes" (
	"crew" text NOT NULL,
	"id" text NOT NULL,
	"run" text NOT NULL,
	"revision" integer NOT NULL,
	"base" integer NOT NULL,
	"by" text NOT NULL,
	"label" jsonb NOT NULL,
	"ops" jsonb NOT NULL,
	"at_device" timestamp with time zone NOT NULL,
	"at_server" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "changes_crew_id_pk" PRIMARY KEY("crew","id"),
	CONSTRAINT "changes_crew_run_revision_unique" UNIQUE("crew","run","revision")
);
--> statement-breakpoint
CREATE TABLE "crews" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"rule_choices" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "events" (
	"crew" text NOT NULL,
	"id" text NOT NULL,
	"run" text NOT NULL,
	"place" bigserial NOT NULL,
	"subject" text NOT NULL,
	"event" jsonb NOT NULL,
	"at_server" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "events_crew_id_pk" PRIMARY KEY("crew","id")
);
--> statement-breakpoint
CREATE TABLE "job_people" (
	"crew" text NOT NULL,
	"job" text NOT NULL,
	"person" text NOT NULL,
	CONSTRAINT "job_people_crew_job_person_pk" PRIMARY KEY("crew","job","person")
);
--> statement-breakpoint
CREATE TABLE "jobs" (
	"crew" text NOT NULL,
	"id" text NOT NULL,
	"name" text NOT NULL,
	"place" text NOT NULL,
	"units" text NOT NULL,
	"gas" text NOT NULL,
	"jurisdiction" text NOT NULL,
	"edition" text NOT NULL,
	"rule_choices" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "jobs_crew_id_pk" PRIMARY KEY("crew","id")
);
--> statement-breakpoint
CREATE TABLE "people" (
	"crew" text NOT NULL,
	"id" text NOT NULL,
	"name" text NOT NULL,
	CONSTRAINT "people_crew_id_pk" PRIMARY KEY("crew","id"),
	CONSTRAINT "people_crew_name_unique" UNIQUE("crew","name")
);
--> statement-breakpoint
CREATE TABLE "runs" (
	"crew" text NOT NULL,
	"id" text NOT NULL,
	"job" text NOT NULL,
	"name" text NOT NULL,
	"doc" jsonb NOT NULL,
	"revision" integer NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"changed_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "runs_crew_id_pk" PRIMARY KEY("crew","id")
);
--> statement-breakpoint
ALTER TABLE "changes" ADD CONSTRAINT "changes_crew_run_runs_crew_id_fk" FOREIGN KEY ("crew","run") REFERENCES "public"."runs"("crew","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "events" ADD CONSTRAINT "events_crew_run_runs_crew_id_fk" FOREIGN KEY ("crew","run") REFERENCES "public"."runs"("crew","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "job_people" ADD CONSTRAINT "job_people_crew_job_jobs_crew_id_fk" FOREIGN KEY ("crew","job") REFERENCES "public"."jobs"("crew","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "job_people" ADD CONSTRAINT "job_people_crew_person_people_crew_id_fk" FOREIGN KEY ("crew","person") REFERENCES "public"."people"("crew","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "jobs" ADD CONSTRAINT "jobs_crew_crews_id_fk" FOREIGN KEY ("crew") REFERENCES "public"."crews"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "people" ADD CONSTRAINT "people_crew_crews_id_fk" FOREIGN KEY ("crew") REFERENCES "public"."crews"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "runs" ADD CONSTRAINT "runs_crew_job_jobs_crew_id_fk" FOREIGN KEY ("crew","job") REFERENCES "public"."jobs"("crew","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "events_crew_run_place_index" ON "events" USING btree ("crew","run","place");--> statement-breakpoint
CREATE INDEX "runs_crew_job_index" ON "runs" USING btree ("crew","job");