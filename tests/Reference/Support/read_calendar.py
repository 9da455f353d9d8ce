"""What python3-icalendar reads out of a calendar: each event with its moments in UTC, by the time zone that stands in the file."""
import json
import sys
from datetime import date, datetime, timezone

from dateutil.rrule import rrulestr
from icalendar import Calendar

calendar = Calendar.from_ical(sys.stdin.read())
first, last = (datetime.fromisoformat(a) for a in sys.argv[1:3])
zones = {str(z["TZID"]): z.to_tz() for z in calendar.walk("VTIMEZONE")}
found = []
for event in calendar.walk("VEVENT"):
    begins = event["DTSTART"]
    if not isinstance(begins.dt, datetime):
        found.append({"uid": str(event["UID"]), "summary": str(event["SUMMARY"]), "at": begins.dt.isoformat(), "minutes": None})
        continue
    zone = zones.get(begins.params.get("TZID"), timezone.utc)
    naive = begins.dt.replace(tzinfo=None)
    localize = zone.localize if hasattr(zone, "localize") else lambda at: at.replace(tzinfo=zone)
    moments = [naive]
    if "RRULE" in event:
        rule = event["RRULE"]
        until = rule.pop("UNTIL", [None])[0]
        moments = rrulestr(rule.to_ical().decode(), dtstart=naive).between(first, last, inc=True)
        moments = [m for m in moments if until is None or localize(m).astimezone(timezone.utc) <= until]
    except_ = event.get("EXDATE", [])
    gone = {d.dt.replace(tzinfo=None) for e in (except_ if isinstance(except_, list) else [except_]) for d in e.dts}
    for moment in moments:
        if first <= moment <= last and moment not in gone:
            found.append({
                "uid": str(event["UID"]),
                "summary": str(event["SUMMARY"]),
                "at": localize(moment).astimezone(timezone.utc).strftime("%Y-%m-%dT%H:%M:%SZ"),
                "minutes": int(event["DURATION"].dt.total_seconds() // 60),
            })
print(json.dumps({"name": str(calendar["X-WR-CALNAME"]), "events": sorted(found, key=lambda e: (e["at"], e["uid"]))}))
