import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';

/** A titled list of plain lines. */
export function Lines({
  title,
  lines,
  columns = 1,
}: {
  title: string;
  lines: readonly string[];
  columns?: number;
}) {
  return (
    <Box sx={{ my: 2 }}>
      <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
        {title}
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: 15, columns, '& li': { mb: 0.5 } }}>
        {lines.map((each) => (
          <li key={each}>{each}</li>
        ))}
      </Box>
    </Box>
  );
}
