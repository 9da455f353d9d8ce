"""What python3-vobject reads out of vCards."""
import json
import sys

import vobject

print(json.dumps([
    {
        "name": card.fn.value,
        "uid": card.uid.value,
        "role": card.role.value,
        "org": card.org.value,
        "tags": card.categories.value if hasattr(card, "categories") else [],
        "email": card.email.value if hasattr(card, "email") else None,
        "keys": sorted(card.contents),
    }
    for card in vobject.readComponents(sys.stdin.read())
]))
