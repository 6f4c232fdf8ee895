CREATE TABLE "shop_parts" (
	"crew" text NOT NULL,
	"id" text NOT NULL,
	"part" jsonb NOT NULL,
	"added_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "shop_parts_crew_id_pk" PRIMARY KEY("crew","id")
);
