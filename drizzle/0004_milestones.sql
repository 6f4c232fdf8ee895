CREATE TABLE "milestones" (
	"crew" text NOT NULL,
	"id" text NOT NULL,
	"job" text NOT NULL,
	"place" bigserial NOT NULL,
	"milestone" jsonb NOT NULL,
	"at_server" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "milestones_crew_id_pk" PRIMARY KEY("crew","id")
);
--> statement-breakpoint
ALTER TABLE "milestones" ADD CONSTRAINT "milestones_crew_job_jobs_crew_id_fk" FOREIGN KEY ("crew","job") REFERENCES "public"."jobs"("crew","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "milestones_crew_job_place_index" ON "milestones" USING btree ("crew","job","place");