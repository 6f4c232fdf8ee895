CREATE TABLE "maker_sheets" (
	"crew" text NOT NULL,
	"id" text NOT NULL,
	"sheet" jsonb NOT NULL,
	"added_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "maker_sheets_crew_id_pk" PRIMARY KEY("crew","id")
);
