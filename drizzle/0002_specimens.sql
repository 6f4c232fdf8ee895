CREATE TABLE "specimens" (
	"crew" text NOT NULL,
	"id" text NOT NULL,
	"job" text NOT NULL,
	"specimen" jsonb NOT NULL,
	"at_server" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "specimens_crew_id_pk" PRIMARY KEY("crew","id")
);
--> statement-breakpoint
ALTER TABLE "specimens" ADD CONSTRAINT "specimens_crew_job_jobs_crew_id_fk" FOREIGN KEY ("crew","job") REFERENCES "public"."jobs"("crew","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "specimens_crew_job_at_server_index" ON "specimens" USING btree ("crew","job","at_server");