#!/usr/bin/env python3
"""Logs a set and reads the call that stands. Python 3, nothing to install: client.py ADDRESS TOKEN "NAME OF THE ATHLETE" REPS"""
import datetime, json, sys, urllib.parse, urllib.request, uuid

address, token, name, reps = sys.argv[1:5]

def ask(method, path, body=None):
    request = urllib.request.Request(
        f"{address}/api/v1/{path}",
        data=None if body is None else json.dumps(body).encode(), method=method,
        headers={"Authorization": f"Bearer {token}", "Accept": "application/json", "Content-Type": "application/json"},
    )
    with urllib.request.urlopen(request) as answer:
        return json.load(answer)

found = ask("GET", "athletes?" + urllib.parse.urlencode({"search": name}))["items"]
athlete = ask("GET", f"athletes/{found[0]['id']}")
ask("POST", f"athletes/{athlete['id']}/sets", {
    "id": str(uuid.uuid4()),  # sent again under the same id it is the same set
    "performed_at": datetime.datetime.now(datetime.timezone.utc).isoformat(timespec="seconds"),
    "purpose": "work", "exercise": athlete["rung"]["exercise"], "clean_reps": int(reps),
})
call = ask("GET", f"athletes/{athlete['id']}")["call"]
print(call["call"]["verdict"] if call else "no call")
