// Reads a timeline by the schemas in docs/otio.md, as a program of somebody else would: it knows nothing of how it was written.
(text) => {
  const problems = [];
  const needs = {
    "Timeline.1": ["name", "tracks", "metadata"],
    "Stack.1": ["children", "markers", "effects"],
    "Track.1": ["children", "kind"],
    "Clip.2": ["source_range", "media_references", "active_media_reference_key"],
    "Gap.1": ["source_range"],
    "Transition.1": ["transition_type", "in_offset", "out_offset"],
    "ExternalReference.1": ["target_url", "available_range"],
    "TimeRange.1": ["start_time", "duration"],
    "RationalTime.1": ["rate", "value"],
    "Marker.2": ["color", "marked_range"],
    "LinearTimeWarp.1": ["time_scalar"],
    "FreezeFrame.1": ["time_scalar"],
  };
  const look = (node, way) => {
    if (Array.isArray(node)) {
      node.forEach((one, place) => look(one, `${way}[${place}]`));
    } else if (node !== null && typeof node === "object") {
      if (node.OTIO_SCHEMA !== undefined) {
        const fields = needs[node.OTIO_SCHEMA];
        if (!fields) {
          problems.push(`${way}: ${node.OTIO_SCHEMA} is not known`);
        } else {
          fields.filter((field) => node[field] === undefined).forEach((field) => problems.push(`${way}: no ${field}`));
        }
      }
      Object.entries(node).forEach(([field, value]) => look(value, `${way}.${field}`));
    }
  };
  const timeline = JSON.parse(text);
  look(timeline, "");
  const seconds = (time) => time.value / time.rate;
  const tracks = timeline.tracks.children.map((track) => {
    let length = 0;
    for (const item of track.children) {
      if (item.source_range) {
        length += seconds(item.source_range.duration);
      }
      const media = item.media_references?.[item.active_media_reference_key];
      if (media) {
        const scalar = Math.abs(item.effects[0]?.time_scalar ?? 1);
        const begin = seconds(item.source_range.start_time) - seconds(media.available_range.start_time);
        const end = begin + scalar * seconds(item.source_range.duration);
        if (begin < 0 || end > seconds(media.available_range.duration) + 1e-6) {
          problems.push(`${item.name} lies outside its clip`);
        }
        if (/^[a-z]+:|^\//.test(media.target_url)) {
          problems.push(`${media.target_url} is no relative path`);
        }
      }
    }
    return { name: track.name, items: track.children.length, seconds: length };
  });
  return JSON.stringify({ problems, tracks });
}
