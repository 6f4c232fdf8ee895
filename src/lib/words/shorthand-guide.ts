/** A topic of the shorthand: what is said, and lines that say it. Every example is a whole run that reads (a test sees to it). */
export interface GuideTopic {
  readonly title: string;
  readonly says: string;
  readonly example: string;
}

export const SHORTHAND_GUIDE: readonly GuideTopic[] = [
  {
    title: 'A leg',
    says: 'Which way the pipe goes, then the measure from centre to centre, as you would type it anywhere. The size, after “of”, holds until you say another. Capitals, commas and blanks do not matter.',
    example: 'up 48 of 3/4\nright 3-7 1/4\nout 5 ft, cap',
  },
  {
    title: 'Ways',
    says: 'up, down, left, right, out (toward you), back (away), or their first letters; riser and drop will do. Two with a dash between are a 45°.',
    example: 'u 24 of 1\nr 60\nup-right 18\nr 30',
  },
  {
    title: 'Branches',
    says: '“off” and the number of a leg: this one grows from the fitting at its end. Lines count themselves; “7:” gives a line its own number.',
    example: 'up 48 of 1\nright 60\nright 48\noff 2, down 20 of 3/4\noff 3, out 36',
  },
  {
    title: 'Measured from a datum',
    says: '“from” after the measure says what it was taken from, “to its” what it was taken to: centre, face, back, pipe-end, or the wall behind.',
    example: 'up 48 of 1\nright 60\nright 108 from 1\nright 144 from face of 1 to its face',
  },
  {
    title: 'More measures',
    says: 'A measure that belongs to no single leg has a line of its own. “?” leaves a leg unmeasured; “along” is a way square to the wall, not along the pipe.',
    example: 'up 48 of 1\nright ?\nright 48\nmeasure 108 from 1 to 3',
  },
  {
    title: 'Offsets',
    says: 'Two 45° elbows round an obstacle: the way onward, then any two of set, roll, run, travel, set and roll with their sides.',
    example: 'down 20 of 3/4\noffset down, set 6 left, roll 8 out\ndown 24',
  },
  {
    title: 'Fitting straight into fitting',
    says: '“no pipe”: a street elbow, a bushing, a plug. The length follows from the parts. “male near” when the thread is on the fitting that is there already.',
    example: 'up 48 of 1\nright 60\nno pipe down\nout 20',
  },
  {
    title: 'Parts in the pipe',
    says: 'union, valve or coupling, where it stands from the leg’s beginning: at a measure, or by eye at a share of the leg.',
    example: 'up 48 of 1, valve at 30\nright 60, union 50%',
  },
  {
    title: 'Ends and fittings',
    says: 'open, cap, plug, or an appliance by name with the gender of its inlet. “as” chooses among the fittings that fit.',
    example:
      'up 48 of 3/4\nright 30, as coupling\nright 30, appliance "water heater" male\noff 1, left 12, cap',
  },
  {
    title: 'Where it runs',
    says: 'After “place”: indoors, concealed, chase, under-slab, outdoors, buried, vehicle, wet, vibration, duct. It holds for this leg alone; what is not said is asked.',
    example: 'up 48 of 3/4, place indoors\nright 60, place concealed\nright 30, cap, place outdoors',
  },
  {
    title: 'What an appliance says of itself',
    says: 'After the appliance: its kind, its input as printed, the gas it burns, the pressures it takes, whether a trap is inside it, whether it moves, whether it has its own shut-off, and how far the floor is below its inlet (or, with “pipe-end”, below where a connector goes on). What is not said is not known.',
    example:
      'down 48 of 3/4, valve\nright 12, appliance "kiln 1", kind kiln, input "80,000 Btu/h", burns natural, trap-inside no, floor 14',
  },
  {
    title: 'Traps and connectors',
    says: '“trap” and the length of its nipple hang a capped nipple at the end of a leg. A flexible connector says both its threads, and how long it is sold.',
    example:
      'down 48 of 3/4, valve, trap 4\nconnector right, begins "npt-3/4-male", ends "npt-3/4-male", long 36, new yes, appliance "oven", kind oven',
  },
  {
    title: 'Tube',
    says: 'After the size what it is made of: csst, copper (flared), compression, soldered, brazed, press. Copper is called 3/8 ACR, 1/2 L, 8 mm; “coil” and “straight” say what it is taken from. It is bent where it turns; “bend” gives a radius, “as elbow” puts a fitting there.',
    example:
      'right 24 of 1/2 black\nup 33 of 1/2 csst\nright 11 ft 4\nback 38, appliance "heater"\noff 1, right 26 of 3/8 ACR copper, bend 1 1/2\ndown 30, as elbow\nout 16',
  },
  {
    title: 'Along its way',
    says: '“route” before the way: tubing that was measured along its way, not bend by bend.',
    example: 'right 24 of 1/2\nroute up 27 ft of 1/2 csst, appliance "loft heater"',
  },
  {
    title: 'In the ground',
    says: 'Polyethylene is called with its wall, as printed: 1 IPS SDR 11 pe, or pe-fused. “cover” is the ground over the pipe at the end of the leg, “bearing” the degrees from north, “printed” the print line of the pipe, “marked” that of what stands at its end, with the most a riser may be buried. Pipe that goes up from it stands on a riser.',
    example:
      'right 62 ft of 1 IPS SDR 11 pe, cover 18, bearing 90, printed "1 IPS SDR 11 PE2708 GAS", marked "1 IPS SDR 11 PE2708 GAS" bury 36, place buried\nup 18 of 1 black, place outdoors',
  },
  {
    title: 'Floors and walls',
    says: '“passes” a floor, wall, outer-wall or vehicle-floor, where along the leg, with a sleeve, a grommet, or unguarded. “fished” says in its maker’s words why tubing hangs unsupported, and the reason.',
    example: 'up 60 of 3/4, passes floor 40% sleeve\nright 36, passes outer-wall',
  },
  {
    title: 'What is copied out',
    says: 'The whole run reads back the same. A length whose text does not say it exactly is written to the nanometre, with what was typed in quotation marks. Parts the shop measured are “own” lines; “units” says what figures without a unit are. After “#” comes a remark, which is not kept.',
    example: 'units mm\nup 1219.2 "48 in" of 3/4 # to the joist\nright 1500\nsource, cap',
  },
];
