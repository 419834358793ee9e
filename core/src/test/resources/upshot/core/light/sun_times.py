"""Makes sun-times.csv with Debian's python3-ephem: python3 sun_times.py > sun-times.csv

Times are UTC. Rise and set are those of the upper edge under 34' of refraction; the other altitudes are those of the
sun's middle without air. A row without a time says that the sun does not pass that altitude on that day.
"""
import math
from datetime import date, datetime, timedelta
from zoneinfo import ZoneInfo

import ephem

PLACES = [
    ("Norwich", 52.63, 1.30, "Europe/London", date(2026, 10, 9)),
    ("Cape Town", -33.92, 18.42, "Africa/Johannesburg", date(2026, 12, 21)),
    ("Tromso", 69.65, 18.96, "Europe/Oslo", date(2026, 6, 10)),
    ("Tromso", 69.65, 18.96, "Europe/Oslo", date(2026, 4, 2)),
    ("New York", 40.71, -74.01, "America/New_York", date(2026, 11, 1)),
    ("Kolkata", 22.57, 88.36, "Asia/Kolkata", date(2026, 3, 20)),
    ("Auckland", -36.85, 174.76, "Pacific/Auckland", date(2026, 9, 27)),
]
ALTITUDES = [("up", None), ("golden", 6.0), ("golden low", -4.0), ("blue low", -6.0)]


def crossings(lat, lon, zone, day, altitude):
    start = datetime(day.year, day.month, day.day, tzinfo=ZoneInfo(zone)).astimezone(ZoneInfo("UTC"))
    after = day + timedelta(days=1)
    end = datetime(after.year, after.month, after.day, tzinfo=ZoneInfo(zone)).astimezone(ZoneInfo("UTC"))
    observer = ephem.Observer()
    observer.lat, observer.lon = math.radians(lat), math.radians(lon)
    observer.pressure = 0
    observer.horizon = "-0:34" if altitude is None else math.radians(altitude)
    found = []
    for name in ("next_rising", "next_setting"):
        observer.date = start.replace(tzinfo=None)
        while True:
            try:
                at = getattr(observer, name)(ephem.Sun(), use_center=altitude is not None)
            except (ephem.AlwaysUpError, ephem.NeverUpError):
                break
            moment = at.datetime().replace(tzinfo=ZoneInfo("UTC"))
            if moment >= end:
                break
            found.append(("rises" if name == "next_rising" else "sets", moment))
            observer.date = at + ephem.minute
    return found


print("place,latitude,longitude,zone,date,altitude,way,utc")
for place, lat, lon, zone, day in PLACES:
    for label, altitude in ALTITUDES:
        rows = crossings(lat, lon, zone, day, altitude) or [("none", None)]
        for way, moment in rows:
            print(f"{place},{lat},{lon},{zone},{day},{label},{way},{moment.strftime('%Y-%m-%dT%H:%M:%SZ') if moment else ''}")
